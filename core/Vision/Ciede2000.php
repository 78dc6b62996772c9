<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\Lab;

/**
 * How different two colours look to a person. CIE 142-2001; steps and symbols after Sharma, Wu & Dalal 2005, Color Research and
 * Application 30, with their handling of hue differences.
 */
final class Ciede2000
{
    public static function between(Lab $one, Lab $two): float
    {
        // 1. C′ and h′ of both
        $cBar = (hypot($one->a, $one->b) + hypot($two->a, $two->b)) / 2;
        $g = 0.5 * (1 - sqrt($cBar ** 7 / ($cBar ** 7 + 25 ** 7)));
        $a1 = (1 + $g) * $one->a;
        $a2 = (1 + $g) * $two->a;
        $c1 = hypot($a1, $one->b);
        $c2 = hypot($a2, $two->b);
        $h1 = self::hue($a1, $one->b);
        $h2 = self::hue($a2, $two->b);

        // 2. differences
        $dL = $two->l - $one->l;
        $dC = $c2 - $c1;
        $dh = self::hueDifference($h1, $h2, $c1 * $c2);
        $dH = 2 * sqrt($c1 * $c2) * sin(deg2rad($dh / 2));

        // 3. weights
        $lMean = ($one->l + $two->l) / 2;
        $cMean = ($c1 + $c2) / 2;
        $hMean = self::meanHue($h1, $h2, $c1 * $c2);
        $t = 1 - 0.17 * cos(deg2rad($hMean - 30)) + 0.24 * cos(deg2rad(2 * $hMean))
            + 0.32 * cos(deg2rad(3 * $hMean + 6)) - 0.20 * cos(deg2rad(4 * $hMean - 63));
        $sL = self::lightnessWeight($lMean);
        $sC = 1 + 0.045 * $cMean;
        $sH = 1 + 0.015 * $cMean * $t;
        $rC = 2 * sqrt($cMean ** 7 / ($cMean ** 7 + 25 ** 7));
        $rT = -$rC * sin(deg2rad(60 * exp(-((($hMean - 275) / 25) ** 2))));

        return sqrt(($dL / $sL) ** 2 + ($dC / $sC) ** 2 + ($dH / $sH) ** 2 + $rT * ($dC / $sC) * ($dH / $sH));
    }

    /**
     * No more than between(), by lightness alone: what chroma and hue add is never negative, since rT stays within 2 of 0.
     */
    public static function atLeast(Lab $one, Lab $two): float
    {
        return abs($two->l - $one->l) / self::lightnessWeight(($one->l + $two->l) / 2);
    }

    private static function lightnessWeight(float $lMean): float
    {
        return 1 + 0.015 * ($lMean - 50) ** 2 / sqrt(20 + ($lMean - 50) ** 2);
    }

    private static function hue(float $a, float $b): float
    {
        if (0.0 === $a && 0.0 === $b) {
            return 0.0;
        }
        $degrees = rad2deg(atan2($b, $a));

        return $degrees < 0 ? $degrees + 360 : $degrees;
    }

    private static function hueDifference(float $h1, float $h2, float $chromas): float
    {
        $difference = $h2 - $h1;

        return match (true) {
            0.0 === $chromas => 0.0,
            $difference > 180 => $difference - 360,
            $difference < -180 => $difference + 360,
            default => $difference,
        };
    }

    private static function meanHue(float $h1, float $h2, float $chromas): float
    {
        $sum = $h1 + $h2;

        return match (true) {
            0.0 === $chromas => $sum,
            abs($h1 - $h2) <= 180 => $sum / 2,
            $sum < 360 => ($sum + 360) / 2,
            default => ($sum - 360) / 2,
        };
    }
}
