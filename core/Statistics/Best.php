<?php

declare(strict_types=1);

namespace Kontrast\Statistics;

/** Which of several rates is the highest. */
final class Best
{
    /** Points of the midpoint rule. (Chosen: the chances come out right to about a thousandth.) */
    private const POINTS = 160;

    /**
     * The chance of each to be the highest of all: its density times the chances that the others are lower, summed over what it may be.
     *
     * @param list<Rate> $rates
     *
     * @return list<float> in the same order; they add up to 1
     */
    public static function chances(array $rates): array
    {
        if ([] === $rates) {
            return [];
        }
        $low = min(array_map(static fn (Rate $rate): float => $rate->quantile(1e-4), $rates));
        $high = max(array_map(static fn (Rate $rate): float => $rate->quantile(1 - 1e-4), $rates));
        $chances = array_map(static fn (): float => 0.0, $rates);
        $step = ($high - $low) / self::POINTS;
        for ($i = 0; $i < self::POINTS; ++$i) {
            $x = $low + ($i + 0.5) * $step;
            $below = array_map(static fn (Rate $rate): float => $rate->chanceBelow($x), $rates);
            foreach ($rates as $key => $rate) {
                $others = 1.0;
                foreach ($below as $other => $chance) {
                    $others *= $other === $key ? 1.0 : $chance;
                }
                $chances[$key] += $rate->density($x) * $others * $step;
            }
        }
        $sum = array_sum($chances);

        return array_map(static fn (float $chance): float => $sum > 0 ? $chance / $sum : 1 / \count($rates), array_values($chances));
    }
}
