<?php

declare(strict_types=1);

namespace Kontrast\Statistics;

/**
 * Many comparisons at once, shrunk together: the best of thirty is partly luck. Each logarithm of a ratio is drawn toward their common mean
 * by as much as its error is large beside the true spread (empirical Bayes; spread by DerSimonian & Laird 1986, Controlled Clinical
 * Trials 7).
 */
final class Shrinkage
{
    /**
     * @param list<array{float, float}> $estimates each with its standard error
     *
     * @return list<array{float, float}> the same, shrunk
     */
    public static function of(array $estimates): array
    {
        if (\count($estimates) < 2) {
            return $estimates;
        }
        $weights = array_map(static fn (array $one): float => 1 / $one[1] ** 2, $estimates);
        $sum = array_sum($weights);
        $mean = array_sum(array_map(static fn (array $one, float $weight): float => $one[0] * $weight, $estimates, $weights)) / $sum;
        $q = array_sum(array_map(static fn (array $one, float $weight): float => $weight * ($one[0] - $mean) ** 2, $estimates, $weights));
        $squares = array_sum(array_map(static fn (float $weight): float => $weight ** 2, $weights));
        $spread = max(0.0, ($q - (\count($estimates) - 1)) / ($sum - $squares / $sum));

        return array_map(static function (array $one) use ($spread, $mean): array {
            $share = $spread / ($spread + $one[1] ** 2);

            return [$mean + $share * ($one[0] - $mean), sqrt($share) * $one[1]];
        }, $estimates);
    }
}
