<?php

declare(strict_types=1);

namespace Tests\core\Logbook;

/** Luck for simulations, the same every time. */
final class Chance
{
    /** Above 0 and up to 1. */
    public static function share(): float
    {
        return mt_rand(1, 1_000_000) / 1_000_000;
    }

    /** How many come where so many are expected (Knuth). */
    public static function poisson(float $mean): int
    {
        [$count, $left] = [0, exp(-$mean)];
        for ($product = self::share(); $product > $left; ++$count) {
            $product *= self::share();
        }

        return $count;
    }

    /** Standard normal (Box & Muller). */
    public static function normal(): float
    {
        return sqrt(-2 * log(self::share())) * cos(2 * \M_PI * self::share());
    }
}
