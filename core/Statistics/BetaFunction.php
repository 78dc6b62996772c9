<?php

declare(strict_types=1);

namespace Kontrast\Statistics;

/** The incomplete beta function, by its continued fraction (Lentz's method). */
final class BetaFunction
{
    private const TINY = 1e-300;
    private const EPSILON = 1e-15;
    private const MOST_TERMS = 10_000;

    /**
     * Regularized: I_x(a, b).
     *
     * @param float $x 0 to 1
     * @param float $a above 0
     * @param float $b above 0
     */
    public static function regularized(float $x, float $a, float $b): float
    {
        if ($x <= 0 || $x >= 1) {
            return $x <= 0 ? 0.0 : 1.0;
        }
        $front = exp(
            GammaFunction::ln($a + $b) - GammaFunction::ln($a) - GammaFunction::ln($b) + $a * log($x) + $b * log(1 - $x),
        );

        return $x < ($a + 1) / ($a + $b + 2)
            ? $front * self::fraction($x, $a, $b) / $a
            : 1 - $front * self::fraction(1 - $x, $b, $a) / $b;
    }

    private static function fraction(float $x, float $a, float $b): float
    {
        $c = 1.0;
        $d = 1 / self::awayFromZero(1 - ($a + $b) * $x / ($a + 1));
        $h = $d;
        for ($m = 1; $m < self::MOST_TERMS; ++$m) {
            $even = $m * ($b - $m) * $x / (($a + 2 * $m - 1) * ($a + 2 * $m));
            $d = 1 / self::awayFromZero(1 + $even * $d);
            $c = self::awayFromZero(1 + $even / $c);
            $h *= $d * $c;
            $odd = -($a + $m) * ($a + $b + $m) * $x / (($a + 2 * $m) * ($a + 2 * $m + 1));
            $d = 1 / self::awayFromZero(1 + $odd * $d);
            $c = self::awayFromZero(1 + $odd / $c);
            $step = $d * $c;
            $h *= $step;
            if (abs($step - 1) < self::EPSILON) {
                break;
            }
        }

        return $h;
    }

    private static function awayFromZero(float $x): float
    {
        return abs($x) < self::TINY ? self::TINY : $x;
    }
}
