<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Water\Spectrum;

/**
 * How a visual pigment takes up light: the A1 template of Govardovskii, Fyhrquist, Reuter, Kuzmin & Donner 2000,
 * Visual Neuroscience 17, equations 1, 2 and 4.
 */
final class VisualPigment
{
    /** Absorbance relative to the peak, α-band and β-band together. */
    public static function a1(float $peakNm): Spectrum
    {
        return Spectrum::from(static fn (float $nm): float => self::at($nm, $peakNm));
    }

    public static function at(float $nm, float $peakNm): float
    {
        return self::alpha($peakNm / $nm, $peakNm) + self::beta($nm, $peakNm);
    }

    private static function alpha(float $x, float $peakNm): float
    {
        $a = 0.8795 + 0.0459 * exp(-(($peakNm - 300) ** 2) / 11940);

        return 1 / (exp(69.7 * ($a - $x)) + exp(28 * (0.922 - $x)) + exp(-14.9 * (1.104 - $x)) + 0.674);
    }

    private static function beta(float $nm, float $peakNm): float
    {
        $centre = 189 + 0.315 * $peakNm;
        $width = -40.5 + 0.195 * $peakNm;

        return 0.26 * exp(-((($nm - $centre) / $width) ** 2));
    }
}
