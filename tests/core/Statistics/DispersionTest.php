<?php

declare(strict_types=1);

namespace Tests\core\Statistics;

use Kontrast\Statistics\Best;
use Kontrast\Statistics\Dispersion;
use Kontrast\Statistics\Rate;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\core\Logbook\Chance;

/** How much more counts vary than by chance, and which of several rates is the highest: by simulation. */
final class DispersionTest extends TestCase
{
    /**
     * Good and bad days, good and bad lures, and bites that come so many at a time: only the last is dispersion.
     *
     * @param positive-int $together
     */
    #[TestWith([1, 0.9, 1.15])]
    #[TestWith([3, 2.5, 3.5])]
    public function testDaysAndLuresMayDifferWithoutBeingTakenForFlurries(int $together, float $least, float $most): void
    {
        mt_srand(41);
        $found = 0.0;
        for ($trial = 0; $trial < 20; ++$trial) {
            $cells = [];
            $lures = array_map(static fn (): float => exp(0.6 * Chance::normal()), array_fill(0, 6, 0));
            for ($day = 0; $day < 30; ++$day) {
                $level = 3.0 * exp(0.5 * Chance::normal());
                foreach ($lures as $lure => $times) {
                    $cells[] = ["day $day", "lure $lure", $together * Chance::poisson($level * $times / $together), 1.0];
                }
            }
            $found += Dispersion::estimate($cells) / 20;
        }
        self::assertGreaterThan($least, $found);
        self::assertLessThan($most, $found);
    }

    public function testWhereThereIsTooLittleToTellItIsChance(): void
    {
        self::assertSame(1.0, Dispersion::estimate([]));
        self::assertSame(1.0, Dispersion::estimate([['a day', 'a lure', 9, 1.0]]));
        self::assertSame(1.0, Dispersion::estimate([['a day', 'one', 9, 1.0], ['a day', 'other', 0, 1.0]]));
        self::assertSame(1.0, Dispersion::estimate([['a day', 'one', 3, 0.0], ['a day', 'other', 0, 1.0], ['a day', 'third', 2, 1.0]]));
    }

    public function testTheChanceToBeTheBestIsThatOfDrawingAll(): void
    {
        mt_srand(42);
        $rates = [Rate::of(9, 4.0), Rate::of(12, 6.0), Rate::of(0.5, 1.0)];
        $wins = [0, 0, 0];
        for ($i = 0; $i < 6_000; ++$i) {
            $drawn = array_map(static fn (Rate $rate): float => $rate->quantile(Chance::share() * 0.999998), $rates);
            ++$wins[(int) array_search(max($drawn), $drawn, true)];
        }
        foreach (Best::chances($rates) as $i => $chance) {
            self::assertEqualsWithDelta($wins[$i] / 6_000, $chance, 0.025);
        }
    }

    public function testOfTwoTheChanceIsThatOfTheBetaDistribution(): void
    {
        $one = Rate::of(14, 5.0);
        $other = Rate::of(9, 5.0);
        self::assertEqualsWithDelta($one->chanceAbove($other), Best::chances([$one, $other])[0], 0.002);
        self::assertSame([], Best::chances([]));
        self::assertEqualsWithDelta(1.0, Best::chances([$one])[0], 1e-9);
    }

    /** The normal, exponential and gamma densities are known: ∫ of the density is the chance. */
    public function testTheDensityOfARateIsTheSlopeOfItsChance(): void
    {
        $rate = Rate::of(7, 3.0);
        foreach ([0.5, 1.0, 2.5, 4.0] as $x) {
            $slope = ($rate->chanceBelow($x + 1e-5) - $rate->chanceBelow($x - 1e-5)) / 2e-5;
            self::assertEqualsWithDelta($slope, $rate->density($x), 1e-6);
        }
        self::assertSame(0.0, $rate->density(0.0));
    }
}
