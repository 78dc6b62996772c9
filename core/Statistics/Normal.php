<?php

declare(strict_types=1);

namespace Kontrast\Statistics;

/** The normal distribution, by the incomplete gamma function. */
final class Normal
{
    /** A quantile to within 0.005, to start from (Abramowitz & Stegun 26.2.22, from memory). */
    public static function nearly(float $chance): float
    {
        $t = sqrt(-2 * log(min($chance, 1 - $chance)));
        $z = $t - (2.30753 + 0.27061 * $t) / (1 + 0.99229 * $t + 0.04481 * $t * $t);

        return $chance < 0.5 ? -$z : $z;
    }

    public static function chanceBelow(float $z): float
    {
        $half = GammaFunction::lower(0.5, $z * $z / 2) / 2;

        return $z < 0 ? 0.5 - $half : 0.5 + $half;
    }
}
