<?php

declare(strict_types=1);

namespace Kontrast\Statistics;

/** What a regression of counts came to: effects as logarithms of ratios, and how sure they are. */
final readonly class PoissonFit
{
    /**
     * @param array<int, float>       $effects    by column
     * @param array<int, array<int, float>> $covariance of the effects
     * @param array<int, float>       $variances  by group, of its effects
     * @param float             $dispersion how many times as much counts vary as chance alone would have it
     * @param int               $rounds     that it took
     * @param array<int, array<int, float>> $bend how the likelihood bends there, rows of the lower triangle
     * @param int               $events     when that was worked out
     */
    public function __construct(
        public array $effects,
        public array $covariance,
        public array $variances,
        public float $dispersion,
        public int $rounds,
        public array $bend = [],
        public int $events = 1,
    ) {
    }

    /**
     * A sum of effects, each so many times.
     *
     * @param array<int, float> $weights by column
     *
     * @return array{float, float} its value and its variance
     */
    public function sum(array $weights): array
    {
        $value = $variance = 0.0;
        foreach ($weights as $i => $weight) {
            $value += $weight * $this->effects[$i];
            foreach ($weights as $j => $other) {
                $variance += $weight * $other * $this->covariance[$i][$j];
            }
        }

        return [$value, max(0.0, $variance)];
    }
}
