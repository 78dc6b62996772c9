<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Water\Spectrum;

/**
 * How a visual pigment takes up light: the A2 template of Govardovskii, Fyhrquist, Reuter, Kuzmin & Donner 2000, Visual Neuroscience 17,
 * equations 1, 2, 5 and 6. A2, because a cone at 614 nm cannot be an A1 pigment (those end near 575 nm) and an eye uses one chromophore.
 * From memory; look the constants up on pages 516 to 517 of that paper.
 */
final class VisualPigment
{
    /** Absorbance relative to the peak, α-band and β-band together. */
    public static function a2(float $peakNm): Spectrum
    {
        return Spectrum::from(static fn (float $nm): float => self::absorbance($nm, $peakNm));
    }

    public static function absorbance(float $nm, float $peakNm): float
    {
        return self::alpha($peakNm / $nm, $peakNm) + self::beta($nm, $peakNm);
    }

    private static function alpha(float $x, float $peakNm): float
    {
        $A = 62.7 + 1.834 * exp(($peakNm - 625) / 54.2);
        $a = 0.875 + 0.0268 * exp(($peakNm - 665) / 40.7);

        return 1 / (exp($A * ($a - $x)) + exp(20.85 * (0.9101 - $x)) + exp(-10.37 * (1.1123 - $x)) + 0.5343);
    }

    private static function beta(float $nm, float $peakNm): float
    {
        $centre = 216.7 + 0.287 * $peakNm;
        $width = 317 - 1.149 * $peakNm + 0.00124 * $peakNm ** 2;

        return 0.37 * exp(-((($nm - $centre) / $width) ** 2));
    }
}
