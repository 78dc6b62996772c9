<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Lure\LureKind;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\PairingSchool;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Schools;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Rulebook\Advice;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Caution;
use Kontrast\Rulebook\Decision;
use Kontrast\Rulebook\Disagreement;
use Kontrast\Rulebook\Dissent;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Rulebook;
use Kontrast\Rulebook\SchoolQuestion;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Value;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/** What comes with the picks: cautions, disagreements, intent; and how the picks behave as the water changes. */
final class AdviceTest extends TestCase
{
    /** @param list<string> $ids */
    #[DataProvider('cautions')]
    public function testCautionsAppearWhereTheyApply(Reading $reading, array $ids): void
    {
        $told = array_map(static fn (Caution $caution): string => $caution->id.' '.$caution->place, self::advise($reading)->cautions);
        foreach ($ids as $id) {
            self::assertContains($id, $told);
        }
    }

    /** @return iterable<string, array{Reading, list<string>}> */
    public static function cautions(): iterable
    {
        yield 'a storm' => [Readings::of(LureKind::Jig, sky: Sky::Storm), ['C5 reading']];
        yield 'rain' => [Readings::of(LureKind::Jig, sky: Sky::Rain), ['C5 reading']];
        yield 'cold water' => [Readings::of(LureKind::Jig, surface: 58), ['C4 reading']];
        yield 'night' => [Readings::of(LureKind::Jig, sky: Sky::Night), ['C3 reading']];
        yield 'a second hook' => [Readings::of(LureKind::Spinnerbait), ['C1 trailer_hook', 'C3 trailer_hook']];
        yield 'paint' => [Readings::of(LureKind::BladedJig, 84, sky: Sky::Sun), ['C6 blades']];
        yield 'lead, always' => [Readings::of(LureKind::Jig), ['C2 head']];
        yield 'no promise, always' => [Readings::of(LureKind::Jig), ['C7 advice']];
    }

    public function testCautionsStayAwayWhereTheyDoNotApply(): void
    {
        $ids = array_map(
            static fn (Caution $caution): string => $caution->id,
            self::advise(Readings::of(LureKind::Jig, surface: 75))->cautions,
        );
        foreach (['C3', 'C4', 'C5', 'C6'] as $id) {
            self::assertNotContains($id, $ids);
        }
    }

    public function testColderWaterIsWarnedOfLouder(): void
    {
        $text = static fn (float $surface): string => implode(
            '',
            array_map(
                static fn (Caution $caution): string => 'C4' === $caution->id ? $caution->text : '',
                self::advise(Readings::of(LureKind::Jig, surface: $surface))->cautions,
            ),
        );
        self::assertNotSame($text(45), $text(55));
        self::assertStringContainsString('within minutes', $text(45));
        self::assertSame('', $text(61));
    }

    public function testAStormPickNeverInvitesAnyoneOut(): void
    {
        $advice = self::advise(Readings::of(LureKind::Spinnerbait, sky: Sky::Storm));
        self::assertStringStartsWith('Storm: do not go out.', $advice->cautions[0]->text);
    }

    /** @param list<SchoolQuestion> $questions */
    #[DataProvider('disagreements')]
    public function testTheAdviceSaysWhereTheSchoolsPart(Reading $reading, array $questions): void
    {
        $told = array_map(
            static fn (Disagreement $disagreement): SchoolQuestion => $disagreement->question,
            self::advise($reading)->disagreements,
        );
        foreach ($questions as $question) {
            self::assertContains($question, $told);
        }
    }

    /** @return iterable<string, array{Reading, list<SchoolQuestion>}> */
    public static function disagreements(): iterable
    {
        yield 'mud' => [Readings::of(LureKind::BladedJig, 8, forage: Forage::Crawfish), [SchoolQuestion::Pairing, SchoolQuestion::Dirty]];
        yield 'shad in clear water' => [Readings::of(LureKind::SwimJig, 80, forage: Forage::Shad), [SchoolQuestion::ShadStart]];
        yield 'a blade in the sun' => [Readings::of(LureKind::Spinnerbait, 30, sky: Sky::Sun), [SchoolQuestion::Finish]];
        yield 'turned crawfish' => [
            Readings::of(LureKind::BladedJig, 30, season: Season::EarlySpring, forage: Forage::Crawfish, surface: 55, red: true),
            [SchoolQuestion::RedSpring],
        ];
        yield 'a bladed jig in wood' => [Readings::of(LureKind::BladedJig, 30, cover: Cover::Wood), [SchoolQuestion::Wood]];
    }

    public function testAJigHasNoQuestionOfFinishOrOfWood(): void
    {
        foreach (Readings::random(80, 21) as $reading) {
            if (LureKind::Jig !== $reading->lure) {
                continue;
            }
            foreach (self::advise($reading)->disagreements as $disagreement) {
                self::assertNotContains($disagreement->question, [SchoolQuestion::Finish, SchoolQuestion::Wood]);
            }
        }
    }

    public function testWhatAnotherSchoolWouldDoIsWhatItDoesWhenChosen(): void
    {
        $engine = new Engine(Rulebook::standard());
        foreach (Readings::random(60, 22) as $reading) {
            foreach (self::advise($reading)->disagreements as $disagreement) {
                foreach ($disagreement->question->schools() as $school) {
                    $other = array_values(
                        array_filter($disagreement->others, static fn (Dissent $dissent): bool => $dissent->school === $school),
                    )[0] ?? null;
                    if (null === $other) {
                        continue;
                    }
                    $theirs = $engine->decide($reading->with(schools: $reading->schools->with($school)));
                    $key = static fn (Value $value): string => $value->key;
                    foreach ($other->values as $slot => $values) {
                        self::assertSame(array_map($key, $theirs->tallies[$slot]->winners), array_map($key, $values));
                    }
                }
            }
        }
    }

    #[DataProvider('intents')]
    public function testTheAdviceHasAnIntent(Reading $reading, string $intent): void
    {
        self::assertSame($intent, self::advise($reading)->intent->value);
    }

    /** @return iterable<string, array{Reading, string}> */
    public static function intents(): iterable
    {
        yield 'clear water: pass for food' => [Readings::of(LureKind::SwimJig, 60), 'match_forage'];
        yield 'dirty water: be found' => [Readings::of(LureKind::SwimJig, 12), 'stand_out'];
        yield 'a hard day in clear water: blend in' => [Readings::of(LureKind::SwimJig, 60, bite: Bite::Tough), 'blend_in'];
        yield 'opaque clay: cast a shadow' => [Readings::of(LureKind::Jig, 3, Tint::Clay), 'show_silhouette'];
        yield 'night: cast a shadow' => [Readings::of(LureKind::Jig, 30, sky: Sky::Night), 'show_silhouette'];
        yield 'willing fish among shad: shock' => [
            Readings::of(LureKind::Spinnerbait, 60, forage: Forage::Shad, bite: Bite::Active),
            'trigger_strike',
        ];
    }

    /** Fading bands must not make a pick come, go and come back within a few marks of the stick. */
    public function testNoPickFlipsBackAndForthAsTheWaterClears(): void
    {
        foreach (LureKind::cases() as $lure) {
            foreach ([Forage::Shad, Forage::Bluegill, Forage::Crawfish] as $forage) {
                $readings = array_map(static fn (int $i): Reading => Readings::of($lure, 2.0 * 1.04 ** $i, forage: $forage), range(0, 100));
                self::assertNoFlutter(
                    $readings,
                    [Slot::Finish, Slot::SkirtBase, Slot::Pairing, Slot::TrailerStyle],
                    "{$lure->value} among {$forage->value}",
                );
            }
        }
    }

    public function testNoPickFlipsBackAndForthAsTheWaterWarms(): void
    {
        foreach ([Forage::Shad, Forage::Crawfish] as $forage) {
            $readings = array_map(
                static fn (int $half): Reading => Readings::of(
                    LureKind::Jig,
                    30,
                    season: Season::EarlySpring,
                    cover: Cover::Rock,
                    forage: $forage,
                    surface: 36 + $half / 2,
                ),
                range(0, 80),
            );
            self::assertNoFlutter(
                $readings,
                [Slot::SkirtBase, Slot::SkirtMaterial, Slot::TrailerStyle, Slot::TrailerLength],
                "jig among {$forage->value}",
            );
        }
    }

    public function testDeeperWaterNeverTakesALighterSpinnerbait(): void
    {
        $last = 0.0;
        foreach (range(1, 60) as $feet) {
            $ounces = self::advise(Readings::of(LureKind::Spinnerbait, feet: $feet))->build->head->weight->inOunces();
            self::assertGreaterThanOrEqual($last, $ounces, "$feet ft");
            $last = $ounces;
        }
    }

    public function testTheHeadWeighsWhatItsRangeAllows(): void
    {
        foreach (Readings::random(150, 23) as $reading) {
            if (LureKind::Spinnerbait === $reading->lure) {
                $head = self::advise($reading)->build->head;
                self::assertFalse($head->range->least->isHeavierThan($head->weight), $head->range->label().' but '.$head->weight->label());
                self::assertFalse($head->weight->isHeavierThan($head->range->most), $head->range->label().' but '.$head->weight->label());
            }
        }
    }

    public function testOneToneAlwaysMatches(): void
    {
        foreach (Readings::random(60, 24) as $reading) {
            $advice = self::advise($reading->with(schools: new Schools(pairing: PairingSchool::OneTone)));
            if (null !== $advice->build->skirt && null !== $advice->build->trailer) {
                self::assertSame('match', $advice->pairing?->value);
                self::assertSame($advice->build->skirt->base, $advice->build->trailer->base);
            }
        }
    }

    public function testTheUsualMeasureIsNotNeeded(): void
    {
        $advice = self::advise(Readings::of(LureKind::BladedJig, surface: null, forageInches: null));
        self::assertNotNull($advice->build->trailer);
        self::assertEqualsWithDelta(3.5, $advice->build->trailer->length->inInches(), 1e-9);
    }

    private static function advise(Reading $reading): Advice
    {
        static $adviser = null;
        $adviser ??= Adviser::standard();
        \assert($adviser instanceof Adviser);

        return $adviser->advise($reading);
    }

    /**
     * No value comes back within three steps of having gone.
     *
     * @param list<Reading> $readings a step apart
     * @param list<Slot>    $slots
     */
    private static function assertNoFlutter(array $readings, array $slots, string $of): void
    {
        $engine = new Engine(Rulebook::standard());
        $decisions = array_map($engine->decide(...), $readings);
        foreach ($slots as $slot) {
            $picks = array_map(static fn (Decision $decision): string => $decision->on($slot)->winners[0]->key ?? '', $decisions);
            foreach ($picks as $i => $pick) {
                foreach ([2, 3] as $gap) {
                    if (isset($picks[$i + $gap], $picks[$i + 1]) && $picks[$i + $gap] === $pick) {
                        self::assertSame($pick, $picks[$i + 1], "{$slot->value} of a $of at step $i");
                    }
                }
            }
        }
    }
}
