<?php

declare(strict_types=1);

namespace Tests\core\Logbook;

use Kontrast\Logbook\Analysis;
use Kontrast\Logbook\Comparison;
use Kontrast\Logbook\ComparisonWords;
use Kontrast\Logbook\Factor;
use Kontrast\Logbook\LevelRate;
use Kontrast\Reading\ClarityBand;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\core\Simulation;

/** What notes show, and what they do not. */
final class AnalysisTest extends TestCase
{
    private const SEASONS = 400;

    public function testHoursWithoutABiteCount(): void
    {
        $analysis = Analysis::of([Notes::stint(3, ['finish' => 'gold']), Notes::stint(0, ['finish' => 'silver'], hours: 3.0)]);
        $rates = [];
        foreach ($analysis->rates as $rate) {
            if (Factor::Finish === $rate->factor) {
                $rates[$rate->level] = [$rate->bites->hours, $rate->bites->events];
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
            [['9', 1.0, 2.0], ['10', 1.0, 2.0], ['11', 0.5, 0.0]],
            array_values(array_map(static fn (LevelRate $one): array => [$one->level, $one->bites->hours, $one->bites->events], $hours)),
        );
    }

    /** Gold fished on the good days only looks three times as good as silver; compared day by day there is nothing to compare. */
    public function testALureFishedOnGoodDaysOnlyIsNotCompared(): void
    {
        $notes = [];
        for ($i = 0; $i < 10; ++$i) {
            $notes[] = Notes::stint(6, ['finish' => 'gold'], "good $i");
            $notes[] = Notes::stint(2, ['finish' => 'silver'], "bad $i");
        }
        $analysis = Analysis::of($notes);
        self::assertSame([], $analysis->comparisons);
        foreach ($analysis->rates as $rate) {
            self::assertFalse($rate->isLikeForLike);
        }
    }

    /** Good days and bad ones, gold twice as good on each: the ratio is found whatever the days were like. */
    public function testTheSameDayIsComparedWithItself(): void
    {
        $notes = [];
        for ($i = 0; $i < 10; ++$i) {
            $notes[] = Notes::stint(2 + 4 * ($i % 3), ['finish' => 'gold'], "day $i");
            $notes[] = Notes::stint(1 + 2 * ($i % 3), ['finish' => 'silver'], "day $i");
        }
        $only = Analysis::of($notes)->comparisons;
        self::assertCount(1, $only);
        self::assertSame(['gold', 'silver', ClarityBand::Stained], [$only[0]->a, $only[0]->b, $only[0]->clarity]);
        self::assertEqualsWithDelta(2.0, $only[0]->seen->ratio, 1e-9);
        self::assertLessThan(2.0, $only[0]->believed->ratio);
        self::assertGreaterThan(0.95, $only[0]->believed->chanceBetter());
        self::assertStringStartsWith('Gold got 1.', ComparisonWords::say($only[0]));
        self::assertStringContainsString(' in stained water', ComparisonWords::say($only[0]));
    }

    /** The same notes, of water that nobody looked at: they count for their hours and their lure, and are like no other. */
    public function testWhatWaterItWasNobodyKnowsIsComparedWithNothing(): void
    {
        $notes = [];
        for ($i = 0; $i < 10; ++$i) {
            $notes[] = Notes::stint(6, ['finish' => 'gold'], "day $i", null, ['finish' => ['water']]);
            $notes[] = Notes::stint(1, ['finish' => 'silver'], "day $i", null, ['finish' => ['sun']]);
        }
        $analysis = Analysis::of($notes);
        self::assertSame([], $analysis->comparisons);
        self::assertSame(0.0, array_sum(array_column($analysis->schools, 'hours')));
        self::assertSame([20.0, 70], [$analysis->all->hours, $analysis->all->bites]);
        self::assertContains('gold', array_column($analysis->rates, 'level'));
    }

    public function testWhereBothWatersWereFishedThereIsAComparisonForEachAndForAll(): void
    {
        $notes = [];
        foreach (['stained tannic bright spring', 'clear none bright spring'] as $stratum) {
            $notes[] = Notes::stint(4, ['finish' => 'gold'], 'one', $stratum);
            $notes[] = Notes::stint(3, ['finish' => 'silver'], 'one', $stratum);
        }
        $clarities = array_map(static fn (Comparison $one): ?string => $one->clarity?->value, Analysis::of($notes)->comparisons);
        sort($clarities);
        self::assertSame([null, 'clear', 'stained'], $clarities);
    }

    public function testFlurriesWidenTheIntervals(): void
    {
        $steady = $flurries = [];
        for ($i = 0; $i < 12; ++$i) {
            $steady[] = Notes::stint(3, ['finish' => 'gold'], "day $i");
            $steady[] = Notes::stint(2, ['finish' => 'silver'], "day $i");
            $flurries[] = Notes::stint(0 === $i % 2 ? 6 : 0, ['finish' => 'gold'], "day $i");
            $flurries[] = Notes::stint(1 === $i % 2 ? 4 : 0, ['finish' => 'silver'], "day $i");
        }
        self::assertSame(1.0, Analysis::of($steady)->dispersion);
        $wild = Analysis::of($flurries);
        self::assertGreaterThan(3.0, $wild->dispersion);
        self::assertGreaterThan(
            1.7 * Analysis::of($steady)->comparisons[0]->seen->logError,
            $wild->comparisons[0]->seen->logError,
        );
    }

    /** An approach nobody has fished is neither good nor bad. */
    public function testASchoolThatWasNotFishedMayStillBeTheBest(): void
    {
        $notes = array_map(static fn (int $i): mixed => Notes::stint(2, [], "day $i", schools: ['finish' => ['water']]), range(1, 20));
        $chances = [];
        foreach (Analysis::of($notes)->schools as $one) {
            if ('finish' === $one->question->value) {
                $chances[$one->school->value] = $one->chance;
            }
        }
        self::assertEqualsWithDelta(1.0, array_sum($chances), 1e-9);
        self::assertGreaterThan(0.2, $chances['sun']);
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

    public function testNoNotesShowNothing(): void
    {
        $analysis = Analysis::of([]);
        self::assertSame([[], [], 1.0], [$analysis->rates, $analysis->comparisons, $analysis->dispersion]);
    }

    /**
     * Eight of ten intervals of comparisons hold the truth: 400 seasons of 12 days with days that differ, true ratios drawn about 1 by as
     * much as is believed of them.
     */
    #[Group(Simulation::GROUP)]
    public function testTheIntervalsOfComparisonsHoldTheTruthFourTimesInFive(): void
    {
        mt_srand(17);
        $held = $all = 0;
        $seasons = Simulation::size(self::SEASONS, self::SEASONS / 4);
        for ($season = 0; $season < $seasons; ++$season) {
            $ratio = exp(0.35 * Chance::normal());
            $notes = [];
            for ($day = 0; $day < 12; ++$day) {
                $level = 2.0 * exp(0.4 * Chance::normal());
                foreach (['gold' => $ratio, 'silver' => 1.0] as $finish => $times) {
                    $notes[] = Notes::stint(Chance::poisson($level * $times), ['finish' => $finish], "day $day");
                }
            }
            foreach (Analysis::of($notes)->comparisons as $one) {
                [$low, $high] = $one->seen->interval();
                $truth = 'gold' === $one->a ? $ratio : 1 / $ratio;
                $held += $truth >= $low && $truth <= $high ? 1 : 0;
                ++$all;
            }
        }
        self::assertGreaterThan(0.76, $held / $all);
        self::assertLessThan(0.87, $held / $all);
    }
}
