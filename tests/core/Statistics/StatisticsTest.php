<?php

declare(strict_types=1);

namespace Tests\core\Statistics;

use Kontrast\Statistics\Best;
use Kontrast\Statistics\BetaFunction;
use Kontrast\Statistics\GammaFunction;
use Kontrast\Statistics\Normal;
use Kontrast\Statistics\Rate;
use Kontrast\Statistics\RateRatio;
use Kontrast\Statistics\Stratum;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What notes are worth: against @stdlib (npm, frozen by tests/reference/statistics.js), a textbook, and simulation. */
final class StatisticsTest extends TestCase
{
    /** @var array{gamma: list<array<string, float>>, beta: list<array<string, float>>, normal: list<array<string, float>>} */
    private static array $known;

    public static function setUpBeforeClass(): void
    {
        $json = (string) file_get_contents(__DIR__.'/../../reference/data/statistics.json');
        /** @var array{gamma: list<array<string, float>>, beta: list<array<string, float>>, normal: list<array<string, float>>} $known */
        $known = json_decode($json, true, 512, \JSON_THROW_ON_ERROR);
        self::$known = $known;
    }

    public function testTheQuantilesOfARateAreThoseOfTheGammaDistribution(): void
    {
        foreach (self::$known['gamma'] as $one) {
            $rate = Rate::of(0, 0.0, $one['shape'], $one['rate']);
            $quantile = $rate->quantile($one['chance']);
            $within = 1e-7 * $one['quantile'] + 1e-12;
            self::assertEqualsWithDelta($one['quantile'], $quantile, $within, json_encode($one, \JSON_THROW_ON_ERROR));
            self::assertEqualsWithDelta($one['chance'], $rate->chanceBelow($one['quantile']), 1e-9);
        }
    }

    public function testTheBetaDistributionIsRight(): void
    {
        foreach (self::$known['beta'] as $one) {
            self::assertEqualsWithDelta($one['chance'], BetaFunction::regularized($one['x'], $one['a'], $one['b']), 1e-10);
        }
    }

    public function testTheNormalDistributionIsRight(): void
    {
        foreach (self::$known['normal'] as $one) {
            self::assertEqualsWithDelta($one['chance'], Normal::chanceBelow($one['z']), 1e-10);
        }
    }

    /** Γ(n) = (n − 1)!, Γ(½) = √π: known exactly. */
    #[TestWith([1.0, 1.0])]
    #[TestWith([5.0, 24.0])]
    #[TestWith([11.0, 3628800.0])]
    #[TestWith([0.5, 1.7724538509055159])]
    #[TestWith([0.1, 9.513507698668732])]
    public function testTheGammaFunctionIsRight(float $x, float $gamma): void
    {
        self::assertEqualsWithDelta(log($gamma), GammaFunction::ln($x), 1e-12);
    }

    /** Eight of ten intervals hold the truth: 5,000 rates drawn from the prior, and notes drawn from them. */
    public function testAnIntervalOfEightyPercentHoldsTheTruthFourTimesInFive(): void
    {
        mt_srand(11);
        $held = 0;
        for ($i = 0; $i < 5_000; ++$i) {
            $truth = Rate::of(0, 0.0, 1.0, 2.0)->quantile(max(1e-9, mt_rand() / mt_getrandmax()));
            $hours = mt_rand(5, 300) / 10;
            [$low, $high] = Rate::of(self::poisson($truth * $hours), $hours, 1.0, 2.0)->interval();
            $held += $truth >= $low && $truth <= $high ? 1 : 0;
        }
        self::assertGreaterThan(0.77, $held / 5_000);
        self::assertLessThan(0.83, $held / 5_000);
    }

    public function testTheChanceThatOneRateIsHigherIsThatOfDrawingBoth(): void
    {
        mt_srand(12);
        $one = Rate::of(9, 6.0);
        $other = Rate::of(5, 7.0);
        $higher = 0;
        for ($i = 0; $i < 4_000; ++$i) {
            $higher += $one->quantile(mt_rand(1, 99_999) / 100_000) > $other->quantile(mt_rand(1, 99_999) / 100_000) ? 1 : 0;
        }
        self::assertEqualsWithDelta($higher / 4_000, $one->chanceAbove($other), 0.025);
        self::assertEqualsWithDelta(1.0, $one->chanceAbove($other) + $other->chanceAbove($one), 1e-12);
        self::assertEqualsWithDelta(0.5, $one->chanceAbove($one), 1e-9);
    }

    /** Of one stratum the logarithm of a rate ratio has the error √(1/a + 1/b) (Rothman, Greenland & Lash, Modern Epidemiology, 14). */
    public function testOfOneStratumTheErrorIsThatOfTwoRates(): void
    {
        foreach ([[8, 4.0, 4, 4.0], [30, 12.5, 11, 3.0], [1, 0.5, 1, 90.0]] as [$a, $hoursA, $b, $hoursB]) {
            $one = RateRatio::of([new Stratum($a, $hoursA, $b, $hoursB)]);
            self::assertEqualsWithDelta(($a / $hoursA) / ($b / $hoursB), $one?->ratio, 1e-9);
            self::assertEqualsWithDelta(sqrt(1 / $a + 1 / $b), $one?->logError, 1e-9);
            // Counts that vary four times as much as chance make it twice as large.
            $wild = RateRatio::of([new Stratum($a, $hoursA, $b, $hoursB)], 4.0);
            self::assertEqualsWithDelta(2 * sqrt(1 / $a + 1 / $b), $wild?->logError, 1e-9);
        }
        self::assertNull(RateRatio::of([new Stratum(0, 4.0, 4, 4.0)]));
        self::assertNull(RateRatio::of([new Stratum(4, 4.0, 0, 4.0)]));
    }

    /**
     * British doctors, coronary deaths of smokers and others by age (Doll & Hill 1966, as in Rothman, Greenland & Lash, Modern
     * Epidemiology, table 15-2; from memory): the Mantel-Haenszel rate ratio is 1.42.
     */
    public function testTheRateRatioOfTheBritishDoctorsIsKnown(): void
    {
        $ratio = RateRatio::of([
            new Stratum(32, 52_407, 2, 18_790),
            new Stratum(104, 43_248, 12, 10_673),
            new Stratum(206, 28_612, 28, 5_710),
            new Stratum(186, 12_663, 28, 2_585),
            new Stratum(102, 5_317, 31, 1_462),
        ]);
        self::assertNotNull($ratio);
        self::assertEqualsWithDelta(1.42, $ratio->ratio, 0.01);
    }

    public function testStrataWithOneThingAloneSayNothing(): void
    {
        self::assertNull(RateRatio::of([new Stratum(4, 3.0, 0, 0.0), new Stratum(0, 0.0, 2, 1.0)]));
        $one = RateRatio::of([new Stratum(8, 4.0, 4, 4.0)]);
        $same = RateRatio::of([new Stratum(8, 4.0, 4, 4.0), new Stratum(9, 2.0, 0, 0.0)]);
        self::assertEquals($one, $same);
        self::assertEqualsWithDelta(2.0, $one->ratio ?? 0.0, 1e-12);
    }

    /** A rate known within a hundredth beside one that may be anything: of two the chance is known, by the beta distribution. */
    public function testANarrowRateBesideAWideOneIsNotSteppedOver(): void
    {
        $narrow = Rate::of(40_000, 20_000.0);
        foreach ([Rate::of(0, 0.0), Rate::of(1, 2.0), Rate::of(30, 10.0)] as $wide) {
            [$chance, $other] = Best::chances([$narrow, $wide]);
            self::assertEqualsWithDelta($narrow->chanceAbove($wide), $chance, 2e-3);
            self::assertEqualsWithDelta(1.0, $chance + $other, 1e-9);
        }
    }

    private static function poisson(float $mean): int
    {
        [$count, $left] = [0, exp(-$mean)];
        for ($product = mt_rand() / mt_getrandmax(); $product > $left; ++$count) {
            $product *= mt_rand() / mt_getrandmax();
        }

        return $count;
    }
}
