<?php

declare(strict_types=1);

namespace Kontrast\Statistics;

/** The normal distribution, by the incomplete gamma function. */
final class Normal
{
    public static function chanceBelow(float $z): float
    {
        $half = GammaFunction::lower(0.5, $z * $z / 2) / 2;

        return $z < 0 ? 0.5 - $half : 0.5 + $half;
    }
}
