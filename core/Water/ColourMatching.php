<?php

declare(strict_types=1);

namespace Kontrast\Water;

/**
 * The CIE 1931 2° colour-matching functions x̄, ȳ, z̄, 400 to 700 nm by 10 nm. CIE 15:2004, table T.4 (ISO/CIE 11664-1); from memory.
 * ȳ is also V(λ), by which light is weighed as people see it.
 */
final class ColourMatching
{
    public const X = [
        0.01431, 0.04351, 0.13438, 0.28390, 0.34828, 0.33620, 0.29080, 0.19536, 0.09564, 0.03201, 0.00490, 0.00930, 0.06327, 0.16550,
        0.29040, 0.43345,
        0.59450, 0.76210, 0.91630, 1.02630, 1.06220, 1.00260, 0.85445, 0.64240, 0.44790, 0.28350, 0.16490, 0.08740, 0.04677, 0.02270,
        0.01136,
    ];
    public const Y = [
        0.00040, 0.00121, 0.00400, 0.01160, 0.02300, 0.03800, 0.06000, 0.09098, 0.13902, 0.20802, 0.32300, 0.50300, 0.71000, 0.86200,
        0.95400, 0.99495,
        0.99500, 0.95200, 0.87000, 0.75700, 0.63100, 0.50300, 0.38100, 0.26500, 0.17500, 0.10700, 0.06100, 0.03200, 0.01700, 0.00821,
        0.00410,
    ];
    public const Z = [
        0.06785, 0.20740, 0.64560, 1.38560, 1.74706, 1.77211, 1.66920, 1.28764, 0.81295, 0.46518, 0.27200, 0.15820, 0.07825, 0.04216,
        0.02030, 0.00875,
        0.00390, 0.00210, 0.00165, 0.00110, 0.00080, 0.00034, 0.00019, 0.00005, 0.00002, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0,
    ];

    public static function v(): Spectrum
    {
        return Spectrum::of(self::Y);
    }

    /** Luminous efficacy of radiation at 555 nm, lm/W (SI definition of the candela, 1979). */
    public const LUMENS_PER_WATT = 683.0;

    /** Illuminance of an irradiance per nm: 683 · 10 · Σ E·V, lux. */
    public static function lux(Spectrum $irradiance): float
    {
        return self::LUMENS_PER_WATT * Grid::STEP_NM * $irradiance->dot(self::v());
    }
}
