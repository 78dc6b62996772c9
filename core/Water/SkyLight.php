<?php

declare(strict_types=1);

namespace Kontrast\Water;

use Kontrast\Measure\Angle;
use Kontrast\Reading\Sky;

/**
 * The light that falls on the surface. Colour temperatures, illuminances and shares of direct sun are chosen, orders of magnitude
 * from common illuminance tables.
 */
final readonly class SkyLight
{
    /** Colour temperature in K, lux with the sun at the zenith, share of direct sun. (Chosen.) */
    private const SKIES = [
        'sun' => [5500.0, 127_500.0, 0.85],
        'broken' => [6000.0, 80_000.0, 0.5],
        'overcast' => [6500.0, 20_000.0, 0.0],
        'rain' => [6800.0, 8_000.0, 0.0],
        'storm' => [7000.0, 2_000.0, 0.0],
        'low_sun' => [5000.0, 127_500.0, 0.6],
        'night' => [4100.0, 0.1, 0.0],
    ];
    /** However low the sun, it is never darker than the night above, lux. (Chosen.) */
    private const NIGHT_LUX = 0.1;
    private const WATER_REFRACTION = 1.333;
    /** Mean cosine of diffuse skylight under the surface. (Chosen.) */
    private const DIFFUSE_COSINE = 0.86;

    /**
     * @param Spectrum $irradiance  E0, W/m²/nm-like relative units that come to the sky's lux
     * @param float    $cosine      μ0, cosine of the light's mean ray in the water
     * @param float    $directShare of E0, from the sun's disc
     */
    private function __construct(public Spectrum $irradiance, public float $cosine, public float $directShare)
    {
    }

    public static function of(Sky $sky, Angle $sunElevation): self
    {
        [$kelvin, $zenith, $direct] = self::SKIES[$sky->value];
        $relative = Daylight::relative($kelvin);
        $lux = Sky::Night === $sky ? $zenith : max(self::NIGHT_LUX, $zenith * $sunElevation->sine());

        return new self(
            $relative->scaled($lux / ColourMatching::lux($relative)),
            $direct > 0.0 ? sqrt(1 - ($sunElevation->cosine() / self::WATER_REFRACTION) ** 2) : self::DIFFUSE_COSINE,
            $direct,
        );
    }
}
