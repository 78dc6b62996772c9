<?php

declare(strict_types=1);

namespace Kontrast\Water;

use Kontrast\Measure\Length;

/** A water whose optics are known: what one reading of visibility under one sky comes to. */
final readonly class SolvedWater
{
    /**
     * @param float    $amount            s, how much of the tint's mixture
     * @param Spectrum $diffuse           K_d, 1/m
     * @param float    $beamAttenuation   c̄, weighted mean of c, 1/m
     * @param float    $diffuseAttenuation K̄_d, weighted mean of K_d, 1/m
     * @param float    $beamScattering    b̄, weighted mean of b, 1/m
     * @param float    $particles         a measure of what drifts in it: 4·mineral (g/m³) + 0.4·chlorophyll (mg/m³)
     */
    public function __construct(
        public float $amount,
        public Mixture $mixture,
        public SkyLight $sky,
        public Spectrum $diffuse,
        public float $beamAttenuation,
        public float $diffuseAttenuation,
        public float $beamScattering,
        public float $particles,
    ) {
    }

    public function lightAt(Length $depth): LightAtDepth
    {
        return LightAtDepth::in($this, $depth);
    }
}
