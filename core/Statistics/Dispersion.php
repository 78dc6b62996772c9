<?php

declare(strict_types=1);

namespace Kontrast\Statistics;

/**
 * How many times as much counts vary as chance alone would have it, once days may be good or bad and lures better or worse: Pearson's
 * statistic over its degrees of freedom (McCullagh & Nelder, Generalized Linear Models, 2nd ed., 4.5 and 6.2; from memory). Rates of days
 * and effects of lures are fitted in turn, each to its own totals (iterative proportional fitting: Deming & Stephan 1940).
 */
final class Dispersion
{
    private const ROUNDS = 4;

    /**
     * @param list<array{string, string, int, float}> $cells day, lure, events and hours of each
     *
     * @return float 1 or more; 1 where there is too little to tell
     */
    public static function estimate(array $cells): float
    {
        $stints = array_count_values(array_column($cells, 0));
        // A day with one stint is fitted exactly, and tells nothing.
        $cells = array_values(array_filter($cells, static fn (array $cell): bool => $cell[3] > 0 && $stints[$cell[0]] > 1));
        $days = self::totals($cells, 0);
        $lures = self::totals($cells, 1);
        $rates = array_fill_keys(array_keys($days), 1.0);
        $effects = array_fill_keys(array_keys($lures), 1.0);
        for ($i = 0; $i < self::ROUNDS; ++$i) {
            $rates = self::fitted($cells, 0, $days, $effects, 1);
            $effects = self::fitted($cells, 1, $lures, $rates, 0);
        }
        $pearson = 0.0;
        $seen = 0;
        foreach ($cells as [$day, $lure, $events, $hours]) {
            $expected = $hours * $rates[$day] * $effects[$lure];
            if ($expected > 0) {
                $pearson += ($events - $expected) ** 2 / $expected;
                ++$seen;
            }
        }
        $some = static fn (int $events): bool => $events > 0;
        $free = $seen - \count(array_filter($days, $some)) - \count(array_filter($lures, $some)) + 1;

        return $free <= 0 ? 1.0 : max(1.0, $pearson / $free);
    }

    /**
     * @param list<array{string, string, int, float}> $cells
     * @param 0|1                                     $by
     *
     * @return array<string, int> events
     */
    private static function totals(array $cells, int $by): array
    {
        $totals = [];
        foreach ($cells as $cell) {
            $totals[$cell[$by]] = ($totals[$cell[$by]] ?? 0) + $cell[2];
        }

        return $totals;
    }

    /**
     * What makes the totals come out right, the other way of looking at it being given.
     *
     * @param list<array{string, string, int, float}> $cells
     * @param 0|1                                     $by
     * @param array<string, int>                      $totals
     * @param array<string, float>                    $given
     * @param 0|1                                     $other
     *
     * @return array<string, float>
     */
    private static function fitted(array $cells, int $by, array $totals, array $given, int $other): array
    {
        $exposed = array_fill_keys(array_keys($totals), 0.0);
        foreach ($cells as $cell) {
            $exposed[$cell[$by]] += $cell[3] * $given[$cell[$other]];
        }
        $fitted = [];
        foreach ($totals as $key => $events) {
            $fitted[$key] = $exposed[$key] > 0 ? $events / $exposed[$key] : 0.0;
        }

        return $fitted;
    }
}
