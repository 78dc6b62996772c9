<?php

declare(strict_types=1);

namespace Kontrast\Statistics;

/** Which of several rates is the highest. */
final class Best
{
    /** Points of the midpoint rule, and how much of either end is left out. (Chosen: chances come out right to about a thousandth.) */
    private const POINTS = 40;
    private const LEFT_OUT = 1e-5;
    private const NOTHING = 1e-12;

    /**
     * The chance of each to be the highest of all: its density times the chances that the others are lower, summed over what it may be.
     *
     * @param list<Rate> $rates
     *
     * @return list<float> in the same order; they add up to 1
     */
    public static function chances(array $rates): array
    {
        $chances = array_map(static fn (Rate $rate): float => self::chance($rate, $rates), $rates);
        $sum = array_sum($chances);

        return array_map(static fn (float $chance): float => $sum > 0 ? $chance / $sum : 1 / \count($rates), $chances);
    }

    /**
     * Over the rate's own range: what is narrow is not stepped over because another is wide.
     *
     * @param list<Rate> $rates
     */
    private static function chance(Rate $own, array $rates): float
    {
        $low = $own->quantile(self::LEFT_OUT);
        $range = $own->quantile(1 - self::LEFT_OUT) - $low;
        $chance = $all = 0.0;
        for ($i = 0; $i < self::POINTS; ++$i) {
            // Closer together near 0, where the density of what is hardly known has no bound.
            $share = ($i + 0.5) / self::POINTS;
            $x = $low + $range * $share ** 2;
            $density = $share * $own->density($x);
            $all += $density;
            foreach ($rates as $other) {
                $density *= $other === $own || $density < self::NOTHING ? 1.0 : $other->chanceBelow($x);
            }
            $chance += $density;
        }

        return $all > 0 ? $chance / $all : 0.0;
    }
}
