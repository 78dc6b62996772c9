<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Pairing;
use Kontrast\Reading\FinishSchool;
use Kontrast\Reading\Schools;
use Kontrast\Rulebook\Decision;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Part\Blades;
use Kontrast\Rulebook\Part\Skirt;
use Kontrast\Rulebook\Part\Trailer;
use Kontrast\Rulebook\Part\Whole;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Rulebook;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Vote;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\inches;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\visibility;

/** The documented order in which rules are weighed, on small books made up for the purpose. */
final class EngineTest extends TestCase
{
    public function testASpecialRuleOutvotesTwoUsualOnes(): void
    {
        $decision = self::decide(
            rule('B3')->pick(Blades::finish(Finish::Gold)),
            rule('B4')->pick(Blades::finish(Finish::Gold)),
            rule('B6')->special()->pick(Blades::finish(Finish::Black)),
        );
        self::assertSame(Finish::Black, $decision->pick(Slot::Finish, Finish::class));
    }

    public function testARulingIsNeverOutvoted(): void
    {
        $crowd = array_map(static fn (int $i): Rule => rule("B3.$i")->special()->pick(Blades::finish(Finish::Gold)), range(1, 7));
        $decision = self::decide(rule('B6')->ruling()->pick(Blades::finish(Finish::Black)), ...$crowd);
        self::assertSame(Finish::Black, $decision->pick(Slot::Finish, Finish::class));
    }

    public function testTheCloserDescriptionWinsAmongEquals(): void
    {
        $decision = self::decide(
            rule('B3')->pick(Blades::finish(Finish::Gold)),
            rule('B9')->when(visibility()->under(feet(8)))->pick(Blades::finish(Finish::Copper)),
        );
        self::assertSame(Finish::Copper, $decision->pick(Slot::Finish, Finish::class));
    }

    public function testOfEqualsTheOneNamedFirstInTheBookWins(): void
    {
        $decision = self::decide(
            rule('B3')->pick(Blades::finish(Finish::Gold)),
            rule('B9')->pick(Blades::finish(Finish::Copper)),
        );
        self::assertSame(Finish::Gold, $decision->pick(Slot::Finish, Finish::class));
    }

    public function testARuleVotesLessAtTheNumberOfAnOpenEndAndNotAtAllBeyondTheFade(): void
    {
        $book = rule('B3')->when(visibility()->under(feet(3)))->pick(Blades::finish(Finish::Gold));
        self::assertSame([1.0, 0.9, 0.0], array_map(
            static fn (float $inches): float => self::decideAt($inches, $book)->on(Slot::Finish)?->votes[0]->strength ?? 0.0,
            [30.0, 36.0, 41.0],
        ));
    }

    public function testARuleOfASchoolIsSilentForThoseWhoHoldWithAnother(): void
    {
        $engine = new Engine(Rulebook::of([rule('B4')->school(FinishSchool::Sun)->pick(Blades::finish(Finish::PaintedWhite))]));
        $reading = Readings::of(LureKind::BladedJig);
        self::assertNull($engine->decide($reading)->pick(Slot::Finish, Finish::class));
        self::assertSame(
            Finish::PaintedWhite,
            $engine->decide($reading->with(schools: new Schools(finish: FinishSchool::Sun)))->pick(Slot::Finish, Finish::class),
        );
    }

    /** Rules share equal conditions, and only equal ones: a sharp band is not the fading one of the same numbers. */
    public function testASharpBandAndAFadingOneOfTheSameNumbersStayApart(): void
    {
        $at = static fn (float $inches): array => array_map(
            static fn (Vote $vote): string => $vote->rule->id,
            (new Engine(Rulebook::of([
                rule('B3')->when(visibility()->under(inches(6)))->pick(Blades::finish(Finish::Gold)),
                rule('B4')->when(visibility()->under(inches(6))->sharp())->pick(Blades::finish(Finish::Silver)),
                rule('B5')->when(visibility()->under(inches(6)))->pick(Blades::finish(Finish::Copper)),
            ])))->decide(Readings::of(LureKind::BladedJig, $inches))->on(Slot::Finish)->votes ?? [],
        );
        self::assertSame(['B3', 'B4', 'B5'], $at(5));
        self::assertSame(['B3', 'B5'], $at(6.2));
        self::assertSame([], $at(7));
    }

    public function testARuleMaySpeakAgainstAValue(): void
    {
        $decision = self::decide(
            rule('F2')->pick(Skirt::of(Colour::Smoke)),
            rule('S8')->special()->notPick(Skirt::of(Colour::Smoke)),
            rule('S9')->fallback()->pick(Skirt::of(Colour::White)),
        );
        self::assertSame(Colour::White, $decision->pick(Slot::SkirtBase, Colour::class));
    }

    public function testAnAccentNamedWithABaseCountsOnlyWhereThatBaseWins(): void
    {
        $decision = self::decide(
            rule('S1')->special()->pick(Skirt::of(Colour::Black)->accent(Colour::Blue)),
            rule('S10')->pick(Skirt::of(Colour::GreenPumpkin)->accent(Colour::Orange)),
        );
        self::assertSame([Colour::Blue], $decision->picks(Slot::SkirtAccents, Colour::class));
    }

    public function testNoAccentHasTheColourOfItsBase(): void
    {
        $decision = self::decide(rule('S1')->pick(Skirt::of(Colour::Black)->accent(Colour::Black, Colour::Blue)));
        self::assertSame([Colour::Blue], $decision->picks(Slot::SkirtAccents, Colour::class));
    }

    public function testALaterQuestionMayLookAtAnEarlierAnswer(): void
    {
        $decision = self::decide(
            rule('P2')->pick(Whole::pairing(Pairing::Match)),
            rule('S7')->pick(Skirt::of(Colour::Brown)->accent(Colour::Orange)),
            rule('P1')->when(settled(Slot::Pairing, Pairing::Match))->pick(Trailer::likeTheSkirt()),
        );
        self::assertSame(Colour::Brown, $decision->pick(Slot::TrailerBase, Colour::class));
        self::assertSame([Colour::Orange], $decision->picks(Slot::TrailerAccents, Colour::class));
    }

    public function testEveryRuleThatSpokeIsOnRecordForOrAgainstThePick(): void
    {
        $tally = self::decide(
            rule('B3')->pick(Blades::finish(Finish::Gold)),
            rule('F3')->pick(Blades::finish(Finish::Gold)),
            rule('B9')->pick(Blades::finish(Finish::Copper)),
            rule('B8')->notPick(Blades::finish(Finish::Gold)),
        )->on(Slot::Finish);
        self::assertNotNull($tally);
        $name = static fn (Vote $vote): string => $vote->rule->id;
        self::assertSame(['B3', 'F3'], array_map($name, $tally->votesFor()));
        self::assertSame(['B9', 'B8'], array_map($name, $tally->votesAgainst()));
    }

    public function testTwoRulesMayNotShareAName(): void
    {
        $this->expectException(\LogicException::class);
        $this->expectExceptionMessage('Two rules are called B3.');
        Rulebook::of([rule('B3')], [rule('B3')]);
    }

    private static function decide(Rule ...$rules): Decision
    {
        return self::decideAt(24, ...$rules);
    }

    private static function decideAt(float $inches, Rule ...$rules): Decision
    {
        return (new Engine(Rulebook::of($rules)))->decide(Readings::of(LureKind::BladedJig, inches: $inches));
    }
}
