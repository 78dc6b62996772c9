<?php

declare(strict_types=1);

namespace Kontrast\Statistics;

/** The gamma function and its incomplete integrals. Lanczos 1964 (g = 7, nine terms), and series and continued fraction as usual. */
final class GammaFunction
{
    private const G = 7.0;
    private const LANCZOS = [
        0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059, 12.507343278686905,
        -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
    ];
    private const TINY = 1e-300;
    private const EPSILON = 1e-15;
    private const MOST_TERMS = 10_000;

    /** @param float $x above 0 */
    public static function ln(float $x): float
    {
        if ($x < 0.5) {
            // Euler's reflection.
            return log(\M_PI / abs(sin(\M_PI * $x))) - self::ln(1 - $x);
        }
        --$x;
        $sum = self::LANCZOS[0];
        for ($i = 1; $i < \count(self::LANCZOS); ++$i) {
            $sum += self::LANCZOS[$i] / ($x + $i);
        }
        $t = $x + self::G + 0.5;

        return 0.5 * log(2 * \M_PI) + ($x + 0.5) * log($t) - $t + log($sum);
    }

    /**
     * The lower incomplete gamma function, regularized: P(a, x).
     *
     * @param float $a above 0
     * @param float $x 0 or more
     */
    public static function lower(float $a, float $x): float
    {
        if ($x <= 0) {
            return 0.0;
        }

        return $x < $a + 1 ? self::series($a, $x) : 1 - self::fraction($a, $x);
    }

    private static function series(float $a, float $x): float
    {
        $term = $sum = 1 / $a;
        for ($n = 1; $n < self::MOST_TERMS && abs($term) > abs($sum) * self::EPSILON; ++$n) {
            $term *= $x / ($a + $n);
            $sum += $term;
        }

        return $sum * exp(-$x + $a * log($x) - self::ln($a));
    }

    /** The upper one, by Lentz's method. */
    private static function fraction(float $a, float $x): float
    {
        $b = $x + 1 - $a;
        $c = 1 / self::TINY;
        $d = 1 / $b;
        $h = $d;
        for ($i = 1; $i < self::MOST_TERMS; ++$i) {
            $an = -$i * ($i - $a);
            $b += 2;
            $d = 1 / self::awayFromZero($an * $d + $b);
            $c = self::awayFromZero($b + $an / $c);
            $step = $d * $c;
            $h *= $step;
            if (abs($step - 1) < self::EPSILON) {
                break;
            }
        }

        return exp(-$x + $a * log($x) - self::ln($a)) * $h;
    }

    private static function awayFromZero(float $x): float
    {
        return abs($x) < self::TINY ? self::TINY : $x;
    }
}
