<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Lure\Finish;
use Kontrast\Lure\Pairing;
use Kontrast\Reading\Colour;
use Kontrast\Reading\FinishSchool;
use Kontrast\Reading\LureKind;
use Kontrast\Reading\Schools;
use Kontrast\Rulebook\Deliberation;
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
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\visibility;

/** The documented order in which rules are weighed, on small books made up for the purpose. */
final class EngineTest extends TestCase
{
    public function testASpecialRuleOutvotesTwoUsualOnes(): void
    {
        $deliberation = self::deliberate(
            rule('B3')->pick(Blades::finish(Finish::Gold)),
            rule('B4')->pick(Blades::finish(Finish::Gold)),
            rule('B6')->special()->pick(Blades::finish(Finish::Black)),
        );
        self::assertSame(Finish::Black, $deliberation->pick(Slot::Finish, Finish::class));
    }

    public function testARulingIsNeverOutvoted(): void
    {
        $crowd = array_map(static fn (int $i): Rule => rule("B3.$i")->special()->pick(Blades::finish(Finish::Gold)), range(1, 7));
        $deliberation = self::deliberate(rule('B6')->ruling()->pick(Blades::finish(Finish::Black)), ...$crowd);
        self::assertSame(Finish::Black, $deliberation->pick(Slot::Finish, Finish::class));
    }

    public function testTheCloserDescriptionWinsAmongEquals(): void
    {
        $deliberation = self::deliberate(
            rule('B3')->pick(Blades::finish(Finish::Gold)),
            rule('B9')->when(visibility()->under(feet(8)))->pick(Blades::finish(Finish::Copper)),
        );
        self::assertSame(Finish::Copper, $deliberation->pick(Slot::Finish, Finish::class));
    }

    public function testOfEqualsTheOneNamedFirstInTheBookWins(): void
    {
        $deliberation = self::deliberate(
            rule('B3')->pick(Blades::finish(Finish::Gold)),
            rule('B9')->pick(Blades::finish(Finish::Copper)),
        );
        self::assertSame(Finish::Gold, $deliberation->pick(Slot::Finish, Finish::class));
    }

    public function testARuleSpeaksHalfAtTheEdgeOfItsBandAndNotAtAllBeyondTheFade(): void
    {
        $book = rule('B3')->when(visibility()->under(feet(3)))->pick(Blades::finish(Finish::Gold));
        self::assertSame([1.0, 0.5, 0.0], array_map(
            static fn (float $inches): float => self::deliberateAt($inches, $book)->on(Slot::Finish)?->votes[0]->strength ?? 0.0,
            [30.0, 36.0, 41.0],
        ));
    }

    public function testARuleOfASchoolIsSilentForThoseWhoHoldWithAnother(): void
    {
        $engine = new Engine(Rulebook::of([rule('B4')->school(FinishSchool::Sun)->pick(Blades::finish(Finish::PaintedWhite))]));
        $reading = Readings::of(LureKind::BladedJig);
        self::assertNull($engine->deliberate($reading)->pick(Slot::Finish, Finish::class));
        self::assertSame(Finish::PaintedWhite, $engine->deliberate($reading->but(schools: new Schools(finish: FinishSchool::Sun)))->pick(Slot::Finish, Finish::class));
    }

    public function testARuleMaySpeakAgainstAValue(): void
    {
        $deliberation = self::deliberate(
            rule('F2')->pick(Skirt::of(Colour::Smoke)),
            rule('S8')->special()->notPick(Skirt::of(Colour::Smoke)),
            rule('S9')->fallback()->pick(Skirt::of(Colour::White)),
        );
        self::assertSame(Colour::White, $deliberation->pick(Slot::SkirtBase, Colour::class));
    }

    public function testAnAccentNamedWithABaseCountsOnlyWhereThatBaseWins(): void
    {
        $deliberation = self::deliberate(
            rule('S1')->special()->pick(Skirt::of(Colour::Black)->accent(Colour::Blue)),
            rule('S10')->pick(Skirt::of(Colour::GreenPumpkin)->accent(Colour::Orange)),
        );
        self::assertSame([Colour::Blue], $deliberation->picks(Slot::SkirtAccents, Colour::class));
    }

    public function testNoAccentHasTheColourOfItsBase(): void
    {
        $deliberation = self::deliberate(rule('S1')->pick(Skirt::of(Colour::Black)->accent(Colour::Black, Colour::Blue)));
        self::assertSame([Colour::Blue], $deliberation->picks(Slot::SkirtAccents, Colour::class));
    }

    public function testALaterQuestionMayLookAtAnEarlierAnswer(): void
    {
        $deliberation = self::deliberate(
            rule('P2')->pick(Whole::pairing(Pairing::Match)),
            rule('S7')->pick(Skirt::of(Colour::Brown)->accent(Colour::Orange)),
            rule('P1')->when(settled(Slot::Pairing, Pairing::Match))->pick(Trailer::likeTheSkirt()),
        );
        self::assertSame(Colour::Brown, $deliberation->pick(Slot::TrailerBase, Colour::class));
        self::assertSame([Colour::Orange], $deliberation->picks(Slot::TrailerAccents, Colour::class));
    }

    public function testEveryRuleThatSpokeIsOnRecordForOrAgainstThePick(): void
    {
        $ballot = self::deliberate(
            rule('B3')->pick(Blades::finish(Finish::Gold)),
            rule('F3')->pick(Blades::finish(Finish::Gold)),
            rule('B9')->pick(Blades::finish(Finish::Copper)),
            rule('B8')->notPick(Blades::finish(Finish::Gold)),
        )->on(Slot::Finish);
        self::assertNotNull($ballot);
        $name = static fn (Vote $vote): string => $vote->rule->id;
        self::assertSame(['B3', 'F3'], array_map($name, $ballot->votesFor()));
        self::assertSame(['B9', 'B8'], array_map($name, $ballot->votesAgainst()));
    }

    public function testTwoRulesMayNotShareAName(): void
    {
        $this->expectException(\LogicException::class);
        $this->expectExceptionMessage('Two rules are called B3.');
        Rulebook::of([rule('B3')], [rule('B3')]);
    }

    private static function deliberate(Rule ...$rules): Deliberation
    {
        return self::deliberateAt(24, ...$rules);
    }

    private static function deliberateAt(float $inches, Rule ...$rules): Deliberation
    {
        return (new Engine(Rulebook::of($rules)))->deliberate(Readings::of(LureKind::BladedJig, inches: $inches));
    }
}
