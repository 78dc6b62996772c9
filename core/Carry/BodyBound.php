<?php

declare(strict_types=1);

namespace Kontrast\Carry;

/**
 * What no choice is worth more than, if every trailer could be carried: then bodies alone are to be chosen, each scenario is served by one
 * of them, and prices of the scenarios bound that (Lagrangian relaxation of the p-median problem: Cornuejols, Fisher & Nemhauser 1977,
 * Management Science 23; from memory), improved by subgradient steps.
 */
final class BodyBound
{
    private const STEPS = 150;
    private const PATIENCE = 5;
    private const TINY = 1e-6;

    public static function of(Problem $problem, Answer $known, int $lures): float
    {
        $rows = $lambda = [];
        foreach ($problem->weights as $s => $weight) {
            $rows[] = array_map(static fn (array $row): float => $weight * max(0, ...$row), $problem->values[$s]);
            $lambda[] = $weight * $problem->worthIn($s, $known->bodies, $known->trailers);
        }
        $lowest = \INF;
        $best = $lambda;
        $scale = 1.0;
        $stalled = 0;
        for ($step = 0; $step < self::STEPS; ++$step) {
            [$bound, $taken] = self::at($rows, $lambda, $lures);
            if ($bound < $lowest - self::TINY) {
                [$lowest, $best, $stalled] = [$bound, $lambda, 0];
            } elseif (++$stalled >= self::PATIENCE) {
                [$lambda, $scale, $stalled] = [$best, $scale / 2, 0];
            }
            $slopes = [];
            $norm = 0;
            foreach ($rows as $s => $row) {
                $slope = 1;
                foreach ($taken as $b) {
                    $slope -= $row[$b] > $lambda[$s] ? 1 : 0;
                }
                $slopes[] = $slope;
                $norm += $slope * $slope;
            }
            if (0 === $norm || $lowest <= $known->worth + self::TINY) {
                break;
            }
            $by = $scale * max(0.0, $bound - $known->worth) / $norm;
            foreach ($slopes as $s => $slope) {
                $lambda[$s] -= $by * $slope;
            }
        }

        return max($known->worth, $lowest);
    }

    /**
     * @param list<list<float>>  $rows   by scenario and body
     * @param array<int, float> $lambda by scenario
     *
     * @return array{float, list<int>} the bound, and the bodies that make it
     */
    private static function at(array $rows, array $lambda, int $lures): array
    {
        $gains = [];
        foreach ($rows as $s => $row) {
            $price = $lambda[$s];
            foreach ($row as $b => $worth) {
                if ($worth > $price) {
                    $gains[$b] = ($gains[$b] ?? 0.0) + $worth - $price;
                }
            }
        }
        arsort($gains);
        $taken = \array_slice($gains, 0, $lures, true);

        return [array_sum($lambda) + array_sum($taken), array_keys($taken)];
    }
}
