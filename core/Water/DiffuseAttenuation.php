<?php

declare(strict_types=1);

namespace Kontrast\Water;

/** How fast daylight dies away with depth. Kirk 1984, Limnology and Oceanography 29. */
final class DiffuseAttenuation
{
    /**
     * K_d = √(a² + G·a·b) / μ0 with G = 0.425 μ0 − 0.19.
     *
     * @param Spectrum $a  absorption, 1/m
     * @param Spectrum $b  scattering, 1/m
     * @param float    $μ0 cosine of the light's ray in the water
     *
     * @return Spectrum 1/m
     */
    public static function kirk(Spectrum $a, Spectrum $b, float $μ0): Spectrum
    {
        $g = self::coefficient($μ0);

        return $a->with($b, static fn (float $a, float $b): float => sqrt($a ** 2 + $g * $a * $b) / $μ0);
    }

    /** G = 0.425 μ0 − 0.19. */
    public static function coefficient(float $μ0): float
    {
        return 0.425 * $μ0 - 0.19;
    }
}
