<?php

declare(strict_types=1);

namespace Kontrast\Statistics;

/**
 * Many comparisons at once, shrunk together: the best of thirty is partly luck. Each logarithm of a ratio is drawn toward no difference by
 * as much as its error is large beside the true spread of them all (empirical Bayes: Efron & Morris 1975, JASA 70; spread by the method
 * of moments of DerSimonian & Laird 1986, Controlled Clinical Trials 7, about a mean of 0, since which of two is named first is
 * arbitrary).
 */
final class Shrinkage
{
    /** True ratios are never believed closer together than this variance of their logarithms: about a quarter either way. (Chosen.) */
    private const LEAST_SPREAD = 0.05;

    /**
     * @param list<array{float, float}> $estimates each with its standard error
     *
     * @return list<array{float, float}> the same, shrunk
     */
    public static function shrink(array $estimates): array
    {
        $spread = self::spread($estimates);

        return array_map(static function (array $one) use ($spread): array {
            $share = $spread / ($spread + $one[1] ** 2);

            return [$share * $one[0], sqrt($share) * $one[1]];
        }, $estimates);
    }

    /**
     * @param list<array{float, float}> $estimates
     *
     * @return float the variance of what they estimate, the least one where chance alone explains how far they are from 0
     */
    public static function spread(array $estimates): float
    {
        if ([] === $estimates) {
            return self::LEAST_SPREAD;
        }
        $weights = $moments = 0.0;
        foreach ($estimates as [$estimate, $error]) {
            $weights += 1 / $error ** 2;
            $moments += ($estimate / $error) ** 2;
        }

        return max(self::LEAST_SPREAD, ($moments - \count($estimates)) / $weights);
    }
}
