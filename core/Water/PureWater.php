<?php

declare(strict_types=1);

namespace Kontrast\Water;

/** Absorption of pure water, 1/m, 400 to 700 nm by 10 nm. Pope & Fry 1997, Applied Optics 36, table 3; from memory. */
final class PureWater
{
    public const ABSORPTION = [
        0.00663, 0.00473, 0.00454, 0.00495, 0.00635, 0.00922, 0.00979, 0.0106, 0.0127, 0.0150, 0.0204, 0.0325, 0.0409, 0.0434, 0.0474,
        0.0565,
        0.0619, 0.0695, 0.0896, 0.1351, 0.2224, 0.2644, 0.2755, 0.2916, 0.3108, 0.340, 0.410, 0.439, 0.465, 0.516, 0.624,
    ];

    public static function absorption(): Spectrum
    {
        return Spectrum::of(self::ABSORPTION);
    }

    /** Scattering of pure water, 1/m: 0.0022 (λ/500)^−4.32. Morel 1974. */
    public static function scattering(): Spectrum
    {
        return Spectrum::from(static fn (float $nm): float => 0.0022 * ($nm / 500) ** -4.32);
    }
}
