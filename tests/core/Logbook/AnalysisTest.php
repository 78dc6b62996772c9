<?php

declare(strict_types=1);

namespace Tests\core\Logbook;

use Kontrast\Logbook\Analysis;
use Kontrast\Logbook\Effect;
use Kontrast\Logbook\Effects;
use Kontrast\Logbook\EffectWords;
use Kontrast\Logbook\Factor;
use Kontrast\Logbook\LevelRate;
use Kontrast\Reading\ClarityBand;
use Kontrast\Statistics\RateRatio;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\core\Simulation;

/** What notes show, and what they do not. */
final class AnalysisTest extends TestCase
{
    private const SEASONS = 200;

    public function testHoursWithoutABiteCount(): void
    {
        $analysis = Analysis::of([Notes::stint(3, ['finish' => 'gold']), Notes::stint(0, ['finish' => 'silver'], hours: 3.0)]);
        $rates = [];
        foreach ($analysis->rates as $rate) {
            if (Factor::Finish === $rate->factor) {
                $rates[$rate->level] = [$rate->count->hours, $rate->count->bites];
            }
        }
        self::assertEquals(['silver' => [3.0, 0], 'gold' => [1.0, 3]], $rates);
        self::assertEqualsWithDelta(4.0, $analysis->all->hours, 1e-9);
    }

    public function testAStintOfSeveralHoursCountsTowardEach(): void
    {
        $hours = array_filter(
            Analysis::of([Notes::stint(4, hours: 2.5)])->rates,
            static fn (LevelRate $rate): bool => Factor::Hour === $rate->factor,
        );
        self::assertSame(
            [['9', 1.0, 2], ['10', 1.0, 2], ['11', 0.5, 0]],
            array_values(array_map(static fn (LevelRate $one): array => [$one->level, $one->count->hours, $one->count->bites], $hours)),
        );
    }

    /** Gold fished on the good days only looks three times as good as silver; nothing is known of the two but what was believed before. */
    public function testALureFishedOnGoodDaysOnlyTellsNothing(): void
    {
        $notes = [];
        for ($i = 0; $i < 10; ++$i) {
            $notes[] = Notes::stint(6, ['finish' => 'gold'], "good $i");
            $notes[] = Notes::stint(2, ['finish' => 'silver'], "bad $i");
        }
        $effects = Analysis::of($notes)->effects;
        self::assertSame([], $effects->all());
        $between = $effects->one(Factor::Finish, 'gold', 'silver');
        self::assertEqualsWithDelta(1.0, $between->ratio(), 1e-9);
        self::assertNull($between->hoursToSettle());
        self::assertSame('Not told yet: gold or silver. Fish both for two hours or more, on the same days.', EffectWords::say($between));
    }

    /** Good days and bad ones, gold twice as good on each: the ratio is found whatever the days were like, a little drawn toward 1. */
    public function testTheSameDayIsComparedWithItself(): void
    {
        $notes = [];
        for ($i = 0; $i < 30; ++$i) {
            $notes[] = Notes::stint(4 + 8 * ($i % 3), ['finish' => 'gold'], "day $i");
            $notes[] = Notes::stint(2 + 4 * ($i % 3), ['finish' => 'silver'], "day $i");
        }
        $all = Analysis::of($notes)->effects->all();
        self::assertCount(1, $all);
        self::assertSame(['gold', 'silver', null], [$all[0]->a, $all[0]->b, $all[0]->clarity]);
        self::assertGreaterThan(1.8, $all[0]->ratio());
        self::assertLessThan(2.0, $all[0]->ratio());
        self::assertTrue($all[0]->isSure());
        self::assertSame(0.0, $all[0]->hoursToSettle());
        self::assertStringStartsWith('Gold got 1.', EffectWords::say($all[0]));
        self::assertStringEndsWith('That is sure.', EffectWords::say($all[0]));
    }

    /** A white skirt that was always tied with the better blade gets no credit for it once both blades were fished with both skirts. */
    public function testWhatWasAlwaysTiedTogetherTakesNoCreditForTheOther(): void
    {
        $notes = [];
        for ($i = 0; $i < 40; ++$i) {
            $notes[] = Notes::stint(8, ['finish' => 'gold', 'skirt' => 'white'], "day $i", hours: 2.0);
            $notes[] = Notes::stint(4, ['finish' => 'silver', 'skirt' => 'black'], "day $i", hours: 2.0);
            $notes[] = Notes::stint(1, ['finish' => 'silver', 'skirt' => 'white'], "day $i", hours: 0.5);
        }
        $effects = Analysis::of($notes)->effects;
        self::assertGreaterThan(1.6, $effects->one(Factor::Finish, 'gold', 'silver')->ratio());
        self::assertEqualsWithDelta(1.0, $effects->one(Factor::Skirt, 'white', 'black')->ratio(), 0.15);
    }

    /** Gold is better in stain and no better in clear water; everywhere it is the mean of the two by their hours. */
    public function testWhatMattersInOneWaterOnlyIsToldOfThatWater(): void
    {
        $notes = [];
        for ($i = 0; $i < 60; ++$i) {
            [$clarity, $bites] = 0 === $i % 3 ? ['clear', 3] : ['stained', 6];
            $notes[] = Notes::stint($bites, ['finish' => 'gold', 'clarity' => $clarity], "day $i", hours: 2.0);
            $notes[] = Notes::stint(3, ['finish' => 'silver', 'clarity' => $clarity], "day $i", hours: 2.0);
        }
        $effects = Analysis::of($notes)->effects;
        $in = static fn (?ClarityBand $clarity): float => $effects->one(Factor::Finish, 'gold', 'silver', $clarity)->value;
        self::assertGreaterThan(1.4, exp($in(ClarityBand::Stained)));
        self::assertLessThan(1.25, exp($in(ClarityBand::Clear)));
        self::assertEqualsWithDelta((2 * $in(ClarityBand::Stained) + $in(ClarityBand::Clear)) / 3, $in(null), 1e-9);
    }

    public function testWhatNobodyFishedIsNotTold(): void
    {
        $effects = Analysis::of([Notes::stint(3, ['finish' => 'gold'], hours: 3.0)])->effects;
        $between = $effects->one(Factor::Finish, 'gold', 'copper');
        self::assertSame([1.0, 0.0], [$between->ratio(), round($between->told(), 9)]);
        // What is known of the one says nothing of the two, however much it is.
        $notes = [];
        for ($i = 0; $i < 20; ++$i) {
            $notes[] = Notes::stint(6, ['finish' => 'gold'], "day $i");
            $notes[] = Notes::stint(2, ['finish' => 'silver'], "day $i");
        }
        $beside = Analysis::of($notes)->effects->one(Factor::Finish, 'gold', 'copper');
        self::assertSame([1.0, null], [$beside->ratio(), $beside->hoursToSettle()]);
        self::assertStringEndsWith('Fish both for two hours or more, on the same days.', EffectWords::say($beside));
    }

    /** Settled is where the interval leaves 1 out, and the hours to it come from the same error: fished so long, it does. */
    public function testTheHoursToSettleAreThoseAfterWhichItIsSettled(): void
    {
        $notes = static function (int $days): array {
            $notes = [];
            for ($i = 0; $i < $days; ++$i) {
                $notes[] = Notes::stint(3, ['finish' => 'gold'], "day $i");
                $notes[] = Notes::stint(2, ['finish' => 'silver'], "day $i");
            }

            return $notes;
        };
        $before = new Effect(Factor::Finish, null, 'gold', 'silver', 0.3, 0.3, 0.5, 20.0);
        $more = $before->hoursToSettle() ?? 0.0;
        $data = (1 / 0.3 ** 2 - 1 / 0.5) * (20.0 + $more) / 20.0;
        self::assertEqualsWithDelta(0.3, RateRatio::Z80 / sqrt($data + 1 / 0.5), 1e-9);
        self::assertFalse($before->isSettled());
        $few = Analysis::of($notes(3))->effects->one(Factor::Finish, 'gold', 'silver');
        $many = Analysis::of($notes(80))->effects->one(Factor::Finish, 'gold', 'silver');
        self::assertFalse($few->isSettled());
        self::assertGreaterThan(0.0, $few->hoursToSettle());
        self::assertTrue($many->isSettled());
        self::assertSame(0.0, $many->hoursToSettle());
    }

    /** Both ways round it is the same thing said of the other. */
    public function testTurnedItIsTheSameOfTheOther(): void
    {
        $one = new Effect(Factor::Finish, null, 'gold', 'silver', 0.5, 0.1, 0.5, 20.0);
        $other = $one->turned();
        self::assertEqualsWithDelta(1 / $one->ratio(), $other->ratio(), 1e-12);
        self::assertEqualsWithDelta(1 - $one->chanceBetter(), $other->chanceBetter(), 1e-9);
        self::assertSame([true, false], [$one->isSure(), $other->isSure()]);
        self::assertSame(EffectWords::say($one), EffectWords::say($other));
        // Surely better, and not surely by a tenth.
        self::assertFalse((new Effect(Factor::Finish, null, 'gold', 'silver', 0.12, 0.05, 0.5, 20.0))->isSure());
    }

    /** Sure is 95 % that the ratio is above 1.1 (1.6449 errors above it); settled, that 80 % of it (1.2816 errors) leaves 1 out. */
    public function testSureAndSettledAreDrawnWhereTheySay(): void
    {
        $effect = static fn (float $value): Effect => new Effect(Factor::Skirt, null, 'black', 'white', $value, 0.1, 0.5, 9.0);
        self::assertTrue($effect(log(1.1) + 0.1645)->isSure());
        self::assertFalse($effect(log(1.1) + 0.1644)->isSure());
        self::assertTrue($effect(0.1282)->isSettled());
        self::assertTrue($effect(-0.1282)->isSettled());
        self::assertFalse($effect(0.1281)->isSettled());
        // Closer than a twentieth the two are alike, and no hours would tell.
        self::assertNull($effect(0.0499)->hoursToSettle());
        self::assertNotNull($effect(0.0501)->hoursToSettle());
    }

    /** A level has a name of its own from two hours on; below, it is one with all others of its kind. */
    public function testWhatWasFishedForLessThanTwoHoursIsOneWithOthers(): void
    {
        $notes = [];
        foreach (['gold' => 2.0, 'silver' => 1.99, 'copper' => 1.0] as $finish => $hours) {
            $notes[] = Notes::stint(4, ['finish' => $finish], hours: $hours);
        }
        self::assertSame(['gold'], Analysis::of($notes)->effects->levels(Factor::Finish));
    }

    public function testFlurriesWidenEveryInterval(): void
    {
        $notes = static function (int $together): array {
            $notes = [];
            for ($i = 0; $i < 40; ++$i) {
                $notes[] = Notes::stint($together * (0 === $i % $together ? 3 : 0), ['finish' => 'gold'], "day $i");
                $notes[] = Notes::stint($together * (1 % $together === $i % $together ? 2 : 0), ['finish' => 'silver'], "day $i");
                $notes[] = Notes::stint(3, ['finish' => 'black'], "day $i");
            }

            return $notes;
        };
        [$steady, $wild] = [Analysis::of($notes(1)), Analysis::of($notes(4))];
        self::assertSame(1.0, $steady->effects->dispersion());
        self::assertGreaterThan(3.0, $wild->effects->dispersion());
        $error = static fn (Analysis $one): float => $one->effects->one(Factor::Finish, 'gold', 'silver')->error;
        self::assertGreaterThan(1.2 * $error($steady), $error($wild));
        $width = static fn (Analysis $one): float => $one->rates[0]->bites->quantile(0.9) - $one->rates[0]->bites->quantile(0.1);
        self::assertGreaterThan(1.5 * $width($steady), $width($wild));
    }

    /** Lures tied as advised beside others of the same day, by hand: 30 bites in 10 hours against 20 in 10, every day alike. */
    public function testWhatTheAdviceWasWorthIsComparedWithinTheDay(): void
    {
        $notes = [];
        for ($i = 0; $i < 10; ++$i) {
            $notes[] = Notes::stint(3, ['finish' => 'gold'], "day $i", isAdvised: true);
            $notes[] = Notes::stint(2, ['finish' => 'silver'], "day $i", isAdvised: false);
            // On its own it is beside nothing, however good.
            $notes[] = Notes::stint(20, ['finish' => 'gold'], "other $i", isAdvised: true);
            $notes[] = Notes::stint(9, ['finish' => 'gold'], "day $i");
        }
        $worth = Analysis::of($notes)->advice;
        self::assertSame([20.0, 10.0], [$worth->hoursFollowed, $worth->hoursNot]);
        self::assertEqualsWithDelta(1.5, $worth->ratio?->ratio, 1e-9);
        self::assertStringContainsString('1.5 times the bites of your own picks on the same days', $worth->words());
        self::assertStringStartsWith('Not told yet', Analysis::of([Notes::stint(3, isAdvised: true)])->advice->words());
    }

    /** An approach nobody has fished is neither good nor bad. */
    public function testASchoolThatWasNotFishedMayStillBeTheBest(): void
    {
        $notes = [];
        for ($i = 0; $i < 20; ++$i) {
            $notes[] = Notes::stint(2, [], "day $i", schools: ['finish' => ['water']]);
            $notes[] = Notes::stint(2, [], "day $i", schools: ['finish' => ['two_blade']]);
        }
        $chances = [];
        foreach (Analysis::of($notes)->schools as $one) {
            if ('finish' === $one->question->value) {
                $chances[$one->school->value] = $one->chance;
            }
        }
        self::assertEqualsWithDelta(1.0, array_sum($chances), 1e-9);
        self::assertGreaterThan(0.1, $chances['sun']);
    }

    /** What a school would have tied in good water only is set right: it gets no credit for the water. */
    public function testASchoolGetsNoCreditForGoodWater(): void
    {
        $notes = [];
        for ($i = 0; $i < 20; ++$i) {
            $notes[] = Notes::stint(6, [], "day $i", 'stained tannic bright spring', ['finish' => ['water']]);
            $notes[] = Notes::stint(6, [], "day $i", 'stained tannic bright spring');
            $notes[] = Notes::stint(1, [], "day $i", 'clear none bright spring', ['finish' => ['sun']]);
            $notes[] = Notes::stint(1, [], "day $i", 'clear none bright spring');
        }
        $rates = [];
        foreach (Analysis::of($notes)->schools as $one) {
            $rates[$one->school->value] = $one->rate->mean();
        }
        self::assertEqualsWithDelta($rates['water'], $rates['sun'], 0.15);
    }

    /** An advice that is worth 1.3 times one's own picks is found out in most seasons, and one that is worth nothing seldom. */
    #[TestWith([1.3, 30, 0.3, 1.0])]
    #[TestWith([1.3, 90, 0.7, 1.0])]
    #[TestWith([1.0, 90, 0.0, 0.15])]
    #[Group(Simulation::GROUP)]
    public function testWhatTheAdviceIsWorthIsFoundOut(float $true, int $outings, float $least, float $most): void
    {
        $found = $held = 0;
        $seasons = Simulation::size(self::SEASONS, 10);
        for ($i = 0; $i < $seasons; ++$i) {
            $ratio = Analysis::of(Seasons::of([0.1], $outings, 3000 + $i, $true)[1])->advice->ratio;
            [$low, $high] = $ratio?->interval() ?? [0.0, \INF];
            $found += $low > 1.0 ? 1 : 0;
            $held += $low <= $true && $high >= $true ? 1 : 0;
        }
        Simulation::tell(\sprintf(
            'An advice worth %.1f in %d outings: found in %.0f %%, held by its interval in %.0f %%',
            $true,
            $outings,
            100 * $found / $seasons,
            100 * $held / $seasons,
        ));
        self::assertGreaterThanOrEqual($least * $seasons - 1, $found);
        self::assertLessThanOrEqual($most * $seasons + 1, $found);
        self::assertGreaterThan(0.6, $held / $seasons);
    }

    public function testNoNotesShowNothing(): void
    {
        $analysis = Analysis::of([]);
        self::assertSame([[], [], 1.0], [$analysis->rates, $analysis->effects->all(), $analysis->effects->dispersion()]);
    }

    /** With a note more the log is nearly what it was: starting from there comes to the same as starting anew. */
    public function testStartedFromTheLogBeforeItComesToTheSame(): void
    {
        [, $stints] = Seasons::of([0.2], 60, 4);
        $before = Analysis::of(\array_slice($stints, 0, -1))->effects;
        $anew = Analysis::of($stints)->effects;
        $warm = Analysis::of($stints, $before)->effects;
        $said = static fn (Effects $of): array => array_map(
            static fn (Effect $one): array => [$one->a, $one->b, $one->clarity?->value, round($one->value, 2)],
            $of->all(),
        );
        $sorted = static function (array $all): array {
            sort($all);

            return $all;
        };
        $apart = array_map(null, $sorted($said($anew)), $sorted($said($warm)));
        self::assertGreaterThan(50, \count($apart));
        foreach ($apart as [$one, $other]) {
            self::assertEqualsWithDelta($one, $other, 0.02);
        }
    }

    /**
     * Made-up seasons with the three troubles of real notes. A line is wrong where the true ratio is under a tenth, or the other way.
     *
     * @param list<float> $spreads
     */
    #[DataProvider('seasons')]
    #[Group(Simulation::GROUP)]
    public function testWhatASeasonTellsIsSo(array $spreads, int $outings, float $mostSeasons, float $mostWrong, float $leastHeld): void
    {
        $sure = $wrong = $held = $all = $withSure = 0;
        $error = 0.0;
        $seasons = Simulation::size(self::SEASONS, 8);
        for ($i = 0; $i < $seasons; ++$i) {
            [$season, $stints] = Seasons::of($spreads, $outings, 1000 + $i);
            $isSure = false;
            foreach (Analysis::of($stints)->effects->all() as $one) {
                $truth = $season->truth($one, $stints);
                [$low, $high] = $one->interval();
                $held += exp($truth) >= $low && exp($truth) <= $high ? 1 : 0;
                $error += ($one->value - $truth) ** 2;
                ++$all;
                if ($one->isSure()) {
                    $isSure = true;
                    ++$sure;
                    $wrong += exp($truth) < Effect::MATTERS ? 1 : 0;
                }
            }
            $withSure += $isSure ? 1 : 0;
        }
        Simulation::tell(\sprintf(
            '%d outings, spreads %s: error %.3f, intervals hold %.1f %%, %d sure lines, %.1f %% wrong, in %.1f %% of seasons',
            $outings,
            implode(', ', $spreads),
            sqrt($error / $all),
            100 * $held / $all,
            $sure,
            100 * $wrong / max(1, $sure),
            100 * $withSure / $seasons,
        ));
        self::assertLessThanOrEqual($mostSeasons * $seasons + 2, $withSure);
        self::assertLessThanOrEqual($mostWrong * $sure + 1, $wrong);
        self::assertGreaterThan($leastHeld, $held / $all);
    }

    /**
     * @return iterable<string, array{list<float>, int, float, float, float}> spreads, outings, the most seasons with a sure line, the most
     *                                                                        lines that are wrong, and the least intervals that hold
     */
    public static function seasons(): iterable
    {
        yield 'no difference, 30 outings' => [[0.0], 30, 0.05, 1.0, 0.9];
        yield 'no difference, 100 outings' => [[0.0], 100, 0.05, 1.0, 0.9];
        yield 'little difference, 30 outings' => [[0.1], 30, 0.1, 0.5, 0.85];
        yield 'mixed, 30 outings' => [[0.1, 0.2, 0.3], 30, 1.0, 0.15, 0.75];
        yield 'mixed, 100 outings' => [[0.1, 0.2, 0.3], 100, 1.0, 0.06, 0.75];
    }
}
