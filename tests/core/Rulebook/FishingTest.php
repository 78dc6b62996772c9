<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Lure\Arm;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Line;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Pace;
use Kontrast\Lure\RetrieveName;
use Kontrast\Lure\Rig;
use Kontrast\Lure\RodAction;
use Kontrast\Lure\RodPower;
use Kontrast\Lure\Run;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Goal;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Schools;
use Kontrast\Reading\Season;
use Kontrast\Reading\ShallowLineSchool;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Reading\WoodSchool;
use Kontrast\Rulebook\Advice;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Explainer;
use Kontrast\Rulebook\Facts;
use Kontrast\Rulebook\LureRanking;
use Kontrast\Rulebook\NearestChange;
use Kontrast\Rulebook\Quantity;
use Kontrast\Rulebook\RankedLure;
use Kontrast\Rulebook\Remedy;
use Kontrast\Rulebook\RemedyChange;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Symptom;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/** How a lure is fished: retrieve, tackle, where, remedies, which kind, mixed forage, and why. Common practice, no source. */
final class FishingTest extends TestCase
{
    #[DataProvider('retrieves')]
    public function testTheRetrieveIsWhatTheFactSays(Reading $reading, RetrieveName $name, Pace $pace, Run $run, string $fact): void
    {
        $advice = self::advise($reading);
        self::assertSame([$name, $pace, $run], [$advice->retrieve->name, $advice->retrieve->pace, $advice->retrieve->run]);
        self::assertContains($fact, self::factsOf($advice, Slot::RetrieveName, Slot::RetrievePace, Slot::RetrieveRun));
    }

    /** @return iterable<string, array{Reading, RetrieveName, Pace, Run, string}> */
    public static function retrieves(): iterable
    {
        $of = Readings::of(...);
        yield 'R1' => [$of(LureKind::SwimJig, cover: Cover::Dock, run: Run::High), RetrieveName::SwimHigh, Pace::Medium, Run::High, 'R1'];
        yield 'R1 by the cover alone' => [
            $of(LureKind::SwimJig, cover: Cover::Wood),
            RetrieveName::SwimHigh,
            Pace::Medium,
            Run::High,
            'R1',
        ];
        yield 'R2' => [$of(LureKind::SwimJig, cover: Cover::Grass, run: Run::Low), RetrieveName::SwimLow, Pace::Slow, Run::Low, 'R2'];
        yield 'R3' => [$of(LureKind::BladedJig, cover: Cover::Grass), RetrieveName::Rip, Pace::Medium, Run::High, 'R3'];
        yield 'R4' => [$of(LureKind::BladedJig, cover: Cover::Rock), RetrieveName::Knock, Pace::Slow, Run::Low, 'R4'];
        yield 'R4, a spinnerbait' => [$of(LureKind::Spinnerbait, cover: Cover::Wood), RetrieveName::Knock, Pace::Slow, Run::Low, 'R4'];
        yield 'R5' => [
            $of(LureKind::Spinnerbait, 70, Tint::None, bite: Bite::Active, bass: Bass::Spotted),
            RetrieveName::Burn,
            Pace::Fast,
            Run::High,
            'R5',
        ];
        yield 'R5, fall shallows' => [
            $of(LureKind::BladedJig, season: Season::Fall, surface: 64, feet: 3),
            RetrieveName::Steady,
            Pace::Fast,
            Run::Mid,
            'L4',
        ];
        yield 'R6' => [$of(LureKind::Spinnerbait, arm: Arm::Short), RetrieveName::SlowRoll, Pace::Slow, Run::Low, 'R6'];
        yield 'R6, deep' => [$of(LureKind::Spinnerbait, feet: 25, arm: Arm::Short), RetrieveName::Drop, Pace::Slow, Run::Low, 'R6'];
        yield 'R7' => [
            $of(LureKind::Jig, cover: Cover::Rock, surface: 47, season: Season::LateWinter),
            RetrieveName::Pitch,
            Pace::Slow,
            Run::Low,
            'R7',
        ];
        yield 'R8' => [$of(LureKind::Spinnerbait, surface: 50), RetrieveName::SlowRoll, Pace::Slow, Run::Low, 'R8'];
    }

    /** Z5 to Z7. */
    public function testTheTackleFollowsTheLureAndTheRetrieve(): void
    {
        $swim = self::advise(Readings::of(LureKind::SwimJig, 40, run: Run::High))->tackle;
        self::assertSame([20.0, 20.0], [$swim->linePounds->least, $swim->linePounds->most]);
        self::assertTrue($swim->gearRatio->least <= 8 && $swim->gearRatio->most >= 8, 'about 8:1 keeps it up');
        $low = self::advise(Readings::of(LureKind::SwimJig, 40, run: Run::Low))->tackle;
        self::assertLessThan($swim->gearRatio->least, $low->gearRatio->most, 'slower keeps it down');
        $rock = self::advise(Readings::of(LureKind::Jig, cover: Cover::Rock))->tackle;
        self::assertSame([17.0, 25.0, Line::Fluorocarbon], [$rock->linePounds->least, $rock->linePounds->most, $rock->line]);
        $half = self::advise(Readings::of(LureKind::BladedJig, 60, feet: 8, cover: Cover::Wood))->tackle;
        self::assertSame([12.0, 14.0], [$half->linePounds->least, $half->linePounds->most]);
        $fall = self::advise(Readings::of(LureKind::BladedJig, season: Season::Fall))->tackle;
        self::assertSame(20.0, $fall->linePounds->least);
        $stretch = new Schools(shallowLine: ShallowLineSchool::Monofilament);
        self::assertSame(Line::Monofilament, self::advise(Readings::of(LureKind::BladedJig, 20, feet: 3, schools: $stretch))->tackle->line);
        self::assertSame(Line::Fluorocarbon, self::advise(Readings::of(LureKind::BladedJig, 20, feet: 3))->tackle->line);
        self::assertSame([RodPower::Heavy, RodAction::Fast], [$swim->power, $swim->action]);
        self::assertSame([RodPower::MediumHeavy, RodAction::Fast], [$low->power, $low->action]);
        self::assertSame(RodAction::ModerateFast, $half->action);
        $mats = self::advise(Readings::of(LureKind::SwimJig, cover: Cover::Pads, density: CoverDensity::Heavy))->tackle;
        self::assertSame(Line::Braid, $mats->line);
        self::assertSame(84.0, self::advise(Readings::of(LureKind::Spinnerbait, cover: Cover::Dock))->tackle->rodInches->least);
        self::assertSame(90.0, self::advise(Readings::of(LureKind::Spinnerbait, cover: Cover::Open))->tackle->rodInches->least);
    }

    /** O1 to O5. */
    public function testWhereToFish(): void
    {
        $where = static fn (Reading $reading): array => array_map(
            static fn ($note): string => $note->rule->id,
            self::advise($reading)->where,
        );
        self::assertContains('O1', $where(Readings::of(LureKind::BladedJig, season: Season::LateWinter, trend: 4, surface: 44)));
        self::assertContains('O2', $where(Readings::of(LureKind::Jig, season: Season::EarlySpring)));
        self::assertSame(['O3', 'O4'], $where(Readings::of(LureKind::BladedJig, season: Season::Fall, cover: Cover::Grass)));
        self::assertContains('O5', $where(Readings::of(LureKind::SwimJig, cover: Cover::Dock)));
        self::assertSame([], $where(Readings::of(LureKind::SwimJig, season: Season::Summer)));
    }

    /** L2, L7: no remedy speaks of a part that the lure has not, or denies one that it has. */
    public function testARemedyKnowsTheLureItIsFor(): void
    {
        $bare = $bladed = 0;
        foreach (Readings::random(400, 23) as $reading) {
            $advice = self::advise($reading);
            $said = array_column(
                array_map(static fn ($remedy): array => [$remedy->symptom->value, "$remedy->change $remedy->because"], $advice->remedies),
                1,
                0,
            );
            if (null === $advice->build->trailer) {
                ++$bare;
                self::assertStringNotContainsString('shorter trailer', strtolower($said[Symptom::NoHookup->value]));
            }
            if ([] !== $advice->build->blades) {
                ++$bladed;
                self::assertStringNotContainsString('no blade', $said[Symptom::Follows->value]);
            }
        }
        self::assertGreaterThan(0, $bare);
        self::assertGreaterThan(0, $bladed);
    }

    /** L7: one remedy for each thing that goes wrong, with its fact, for the lure at hand. */
    public function testEverySymptomHasOneRemedyForThisLure(): void
    {
        foreach (Readings::random(150, 71) as $reading) {
            $remedies = self::advise($reading)->remedies;
            self::assertSame(Symptom::cases(), array_map(static fn ($remedy): Symptom => $remedy->symptom, $remedies));
            foreach ($remedies as $remedy) {
                self::assertStringEndsWith('.', $remedy->change);
                self::assertNotSame([], $remedy->facts);
                foreach ($remedy->facts as $fact) {
                    self::assertArrayHasKey($fact, Facts::ALL);
                }
            }
        }
    }

    public function testTheRemedyFitsWhatIsTiedOn(): void
    {
        $hooked = self::remedies(Readings::of(LureKind::Spinnerbait));
        self::assertSame('Take the trailer hook off.', $hooked['snags']);
        $bare = self::remedies(Readings::of(LureKind::Spinnerbait, cover: Cover::Wood, density: CoverDensity::Heavy));
        self::assertSame('Add a trailer hook.', $bare['no_hookup']);
        self::assertStringContainsString('A lighter head: ‹5/16 oz›.', self::remedies(Readings::of(LureKind::BladedJig))['misses']);
        self::assertStringContainsString('A heavier head: ‹1/2 oz›', self::remedies(Readings::of(LureKind::BladedJig))['too_high']);
        self::assertSame('Change to monofilament.', self::remedies(Readings::of(LureKind::SwimJig))['pulls_off']);
        self::assertStringContainsString(
            'already have monofilament',
            self::remedies(
                Readings::of(LureKind::BladedJig, 20, feet: 3, schools: new Schools(shallowLine: ShallowLineSchool::Monofilament)),
            )['pulls_off'],
        );
        self::assertStringContainsString('wide-based', self::remedies(Readings::of(LureKind::SwimJig))['rolls']);
    }

    /** "Thread the trailer straight" is no other trailer: what is changed is said by a code, not read out of the sentence. */
    public function testARemedySaysByACodeWhatItChanges(): void
    {
        $changes = static fn (Reading $reading): array => array_column(array_map(
            static fn (Remedy $remedy): array => [$remedy->symptom->value, $remedy->changes],
            Adviser::standard()->advise($reading)->remedies,
        ), 1, 0);
        self::assertSame(RemedyChange::Retrieve, $changes(Readings::of(LureKind::BladedJig, 20, cover: Cover::Wood))['rolls']);
        self::assertSame(RemedyChange::Trailer, $changes(Readings::of(LureKind::SwimJig))['rolls']);
        self::assertSame(RemedyChange::Hook, $changes(Readings::of(LureKind::Spinnerbait, 20))['snags']);
        self::assertSame(RemedyChange::Head, $changes(Readings::of(LureKind::Jig, 20))['misses']);
        self::assertSame(RemedyChange::Tackle, $changes(Readings::of(LureKind::Jig, 20))['pulls_off']);
    }

    /** @param list<string> $facts */
    #[DataProvider('rankings')]
    public function testTheKindThatSuitsTheWaterComesFirst(Reading $reading, LureKind $best, array $facts): void
    {
        $ranking = LureRanking::standard()->rank($reading);
        self::assertSame($best, $ranking[0]->kind);
        self::assertGreaterThanOrEqual(60.0, $ranking[0]->worth);
        foreach ($facts as $fact) {
            self::assertContains($fact, $ranking[0]->facts);
        }
    }

    /** @return iterable<string, array{Reading, LureKind, list<string>}> */
    public static function rankings(): iterable
    {
        $of = Readings::of(...);
        yield 'cold rock' => [
            $of(LureKind::BladedJig, cover: Cover::Rock, surface: 48, season: Season::EarlySpring),
            LureKind::Jig,
            ['R7', 'O2'],
        ];
        yield 'late winter warming' => [
            $of(LureKind::Jig, cover: Cover::Grass, surface: 44, trend: 5, season: Season::LateWinter, feet: 4, forage: Forage::Shad),
            LureKind::BladedJig,
            ['W8', 'O1'],
        ];
        yield 'summer grass' => [$of(LureKind::Jig, cover: Cover::Grass, forage: Forage::Shad), LureKind::BladedJig, ['R3']];
        yield 'docks' => [$of(LureKind::Jig, cover: Cover::Dock, run: Run::High), LureKind::SwimJig, ['R1']];
        yield 'schooling fish' => [
            $of(LureKind::Jig, 70, Tint::None, Sky::Sun, bite: Bite::Active, bass: Bass::Spotted, forage: Forage::Shad),
            LureKind::Spinnerbait,
            ['R5', 'X10'],
        ];
        yield 'wind on shad' => [$of(LureKind::Jig, 14, wind: Wind::Chop, forage: Forage::Shad), LureKind::Spinnerbait, ['W7', 'W4']];
        yield 'nothing known, tough' => [$of(LureKind::Jig, forage: Forage::Unknown, bite: Bite::Tough), LureKind::Jig, ['F11', 'W6']];
    }

    public function testTheRankingDoesNotHangOnTheLureAskedFor(): void
    {
        foreach (Readings::random(60, 72) as $reading) {
            $rankings = array_map(
                static fn (LureKind $kind): array => array_map(
                    static fn (RankedLure $ranked): string => $ranked->kind->value,
                    LureRanking::standard()->rank($reading->with(lure: $kind)),
                ),
                LureKind::cases(),
            );
            self::assertCount(1, array_unique($rankings, \SORT_REGULAR));
            self::assertEqualsCanonicalizing(array_column(LureKind::cases(), 'value'), $rankings[0]);
        }
    }

    public function testWhoKeepsBladedJigsOutOfWoodIsToldOfNone(): void
    {
        $reading = Readings::of(LureKind::Jig, cover: Cover::Wood, schools: new Schools(wood: WoodSchool::Avoid));
        $ranking = LureRanking::standard()->rank($reading);
        self::assertSame(LureKind::BladedJig, $ranking[3]->kind);
        self::assertLessThan(30.0, $ranking[3]->worth);
        self::assertSame(['Z2'], \array_slice(array_values(array_intersect($ranking[3]->facts, ['Z2'])), 0, 1));
    }

    /** R9. */
    public function testAJigFollowsABladeAndABladeAJig(): void
    {
        foreach (LureKind::cases() as $kind) {
            $advice = self::advise(Readings::of($kind));
            self::assertSame(LureKind::Jig !== $kind, LureKind::Jig === $advice->followUp->kind);
            self::assertContains('R9', $advice->followUp->facts);
        }
    }

    /** F11: what passes for both is preferred where both are there. */
    public function testMixedForageTakesAMixedTrailer(): void
    {
        foreach ([[Forage::Shad, Forage::Bluegill], [Forage::Bluegill, Forage::Shad]] as [$main, $also]) {
            foreach ([20.0, 26.0, 34.0] as $inches) {
                $trailer = self::advise(Readings::of(LureKind::SwimJig, $inches, forage: $main, also: [$also]))->build->trailer;
                self::assertSame(Colour::GreenPumpkin, $trailer?->base, "$inches in");
                self::assertSame([Colour::Blue, Colour::White], $trailer->accents);
                self::assertSame('flake', $trailer->surface->value);
            }
        }
    }

    public function testUnknownForageStartsWithBlackBlueOrGreenPumpkin(): void
    {
        foreach ([4.0, 10.0, 17.0, 24.0, 70.0] as $inches) {
            $skirt = self::advise(Readings::of(LureKind::Jig, $inches, forage: Forage::Unknown))->build->skirt;
            self::assertContains($skirt?->base, [Colour::Black, Colour::GreenPumpkin], "$inches in");
        }
        $fall = self::advise(Readings::of(LureKind::BladedJig, 40, season: Season::Fall, forage: Forage::Unknown))->build->skirt;
        self::assertSame(Colour::White, $fall?->base);
    }

    public function testOfSeveralForagesWithoutALeaderTheFirstLeads(): void
    {
        $listed = self::advise(Readings::of(LureKind::SwimJig, 30, forage: Forage::Unknown, also: [Forage::Perch]))->build->skirt;
        self::assertEquals(self::advise(Readings::of(LureKind::SwimJig, 30, forage: Forage::Perch))->build->skirt, $listed);
    }

    /** S23. */
    public function testTheGoalShiftsColorAndProfile(): void
    {
        $of = static fn (Goal $goal): Advice => self::advise(
            Readings::of(LureKind::SwimJig, 30, forage: Forage::Unknown, forageInches: 3.5, goal: $goal),
        );
        self::assertSame(Colour::White, $of(Goal::Numbers)->build->skirt?->base);
        self::assertSame(Colour::GreenPumpkin, $of(Goal::Size)->build->skirt?->base);
        self::assertSame(['regular', 'big'], [$of(Goal::Numbers)->profile->value, $of(Goal::Size)->profile->value]);
    }

    /** T4, T5, K2. */
    public function testATrailerIsThreadedTheWayItsStyleWants(): void
    {
        self::assertSame(Rig::Upright, self::advise(Readings::of(LureKind::SwimJig, 30))->build->trailer?->rig);
        self::assertSame(Rig::OnSide, self::advise(Readings::of(LureKind::SwimJig, 30, forage: Forage::Unknown))->build->trailer?->rig);
        self::assertSame(Rig::CurlAway, self::advise(Readings::of(LureKind::Spinnerbait, 12))->build->trailer?->rig);
        self::assertSame(Rig::Upright, self::advise(Readings::of(LureKind::Jig))->build->trailer?->rig);
        self::assertSame('wide', self::advise(Readings::of(LureKind::BladedJig, cover: Cover::Wood))->build->trailer?->bellyShape->value);
        self::assertSame('flat', self::advise(Readings::of(LureKind::Jig, cover: Cover::Dock))->build->trailer?->bellyShape->value);
    }

    /** S21, K4. */
    public function testAHeadHasAnEyeAndTwoTonesWhereTheWaterIsClear(): void
    {
        $clear = self::advise(Readings::of(LureKind::SwimJig, 48, forage: Forage::Shad))->build->head;
        self::assertSame([Colour::Smoke, Colour::White, true], [$clear->colour, $clear->belly, $clear->eye]);
        $dirty = self::advise(Readings::of(LureKind::SwimJig, 12, forage: Forage::Shad))->build->head;
        self::assertSame([null, false], [$dirty->belly, $dirty->eye]);
    }

    /** What is said to turn a pick does turn it. */
    public function testTheNearestChangeMakesTheRunnerUpWin(): void
    {
        $engine = Engine::standard();
        $explainer = new Explainer($engine);
        $turned = 0;
        foreach (Readings::random(14, 73) as $reading) {
            foreach ([Slot::SkirtBase, Slot::Pairing, Slot::TrailerStyle] as $slot) {
                $explanation = $explainer->explain($reading, $slot);
                $turn = $explanation?->turn;
                if (null === $turn) {
                    continue;
                }
                ++$turned;
                $there = $engine->decide(self::turned($reading, $turn))->on($slot);
                self::assertContains($explanation->tally->second()?->key, $there?->keys() ?? [], "{$slot->value} by {$turn->field}");
            }
        }
        self::assertGreaterThan(12, $turned);
    }

    public function testAnExplanationHoldsEveryVoteMostFirst(): void
    {
        $reading = Readings::of(LureKind::BladedJig, 17, forage: Forage::Crawfish);
        $explanation = (new Explainer(Engine::standard()))->explain($reading, Slot::SkirtBase);
        self::assertNotNull($explanation);
        $counts = array_map(static fn ($vote): float => abs($vote->count), $explanation->votes);
        $sorted = $counts;
        rsort($sorted);
        self::assertSame($sorted, $counts);
        self::assertSame('visibility_in', $explanation->turn?->field);
        self::assertNull((new Explainer(Engine::standard()))->explain(Readings::of(LureKind::Jig), Slot::Finish), 'a jig has no blade');
    }

    private static function turned(Reading $reading, NearestChange $turn): Reading
    {
        $to = $turn->to;
        if (\is_float($to)) {
            return Quantity::from($turn->field)->set($reading, $to);
        }
        self::assertIsString($to);

        return match ($turn->field) {
            'sky' => $reading->with(sky: Sky::from($to)),
            'wind' => $reading->with(wind: Wind::from($to)),
            'bite' => $reading->with(bite: Bite::from($to)),
            'tint' => $reading->with(tint: Tint::from($to)),
            'cover' => $reading->with(cover: Cover::from($to)),
            'forage' => $reading->with(forage: Forage::from($to)),
            'season' => $reading->with(season: Season::from($to)),
            'bass' => $reading->with(bass: Bass::from($to)),
            'goal' => $reading->with(goal: Goal::from($to)),
            default => throw new \LogicException($turn->field),
        };
    }

    /** @return list<string> */
    private static function factsOf(Advice $advice, Slot ...$slots): array
    {
        $facts = [];
        foreach ($advice->reasons as $reason) {
            $facts = \in_array($reason->slot, $slots, true) ? [...$facts, ...$reason->rule->facts] : $facts;
        }

        return $facts;
    }

    /** @return array<string, string> by symptom */
    private static function remedies(Reading $reading): array
    {
        $changes = [];
        foreach (self::advise($reading)->remedies as $remedy) {
            $changes[$remedy->symptom->value] = $remedy->change;
        }

        return $changes;
    }

    private static function advise(Reading $reading): Advice
    {
        static $adviser = null;
        $adviser ??= Adviser::standard();
        \assert($adviser instanceof Adviser);

        return $adviser->advise($reading);
    }
}
