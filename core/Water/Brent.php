<?php

declare(strict_types=1);

namespace Kontrast\Water;

/**
 * The root of a function between two ends at which it has opposite signs, in few evaluations. Brent 1973, Algorithms for Minimization
 * without Derivatives, chapter 4 (there called zero).
 */
final class Brent
{
    private const MOST_STEPS = 200;

    /**
     * @param callable(float): float $f
     * @param float                  $tolerance of the root, as a share of it
     */
    public static function root(callable $f, float $low, float $high, float $atLow, float $atHigh, float $tolerance): float
    {
        [$a, $b, $fa, $fb] = [$low, $high, $atLow, $atHigh];
        [$c, $fc] = [$a, $fa];
        $d = $e = $b - $a;
        for ($i = 0; $i < self::MOST_STEPS; ++$i) {
            if (abs($fc) < abs($fb)) {
                [$a, $b, $c, $fa, $fb, $fc] = [$b, $c, $b, $fb, $fc, $fb];
            }
            $close = 2 * \PHP_FLOAT_EPSILON * abs($b) + $tolerance * abs($b) / 2;
            $middle = ($c - $b) / 2;
            if (abs($middle) <= $close || 0.0 === $fb) {
                break;
            }
            if (abs($e) < $close || abs($fa) <= abs($fb)) {
                $d = $e = $middle;
            } else {
                [$d, $e] = self::interpolated($a, $b, $c, $fa, $fb, $fc, $middle, $close, $d, $e);
            }
            [$a, $fa] = [$b, $fb];
            $b += abs($d) > $close ? $d : ($middle > 0 ? $close : -$close);
            $fb = $f($b);
            if (($fb > 0) === ($fc > 0)) {
                [$c, $fc] = [$a, $fa];
                $d = $e = $b - $a;
            }
        }

        return $b;
    }

    /**
     * A step by inverse quadratic interpolation, or by the secant where two of the three values are the same; halving where neither helps.
     *
     * @return array{float, float} the step, and the one before it
     */
    private static function interpolated(
        float $a,
        float $b,
        float $c,
        float $fa,
        float $fb,
        float $fc,
        float $middle,
        float $close,
        float $d,
        float $e,
    ): array {
        $s = $fb / $fa;
        if ($a === $c) {
            $p = 2 * $middle * $s;
            $q = 1 - $s;
        } else {
            $q = $fa / $fc;
            $r = $fb / $fc;
            $p = $s * (2 * $middle * $q * ($q - $r) - ($b - $a) * ($r - 1));
            $q = ($q - 1) * ($r - 1) * ($s - 1);
        }
        if ($p > 0) {
            $q = -$q;
        } else {
            $p = -$p;
        }

        return 2 * $p < min(3 * $middle * $q - abs($close * $q), abs($e * $q)) ? [$p / $q, $d] : [$middle, $middle];
    }
}
