<?php

declare(strict_types=1);

namespace Kontrast\Water;

/** How a water takes and scatters light. */
final readonly class Mixture
{
    /** Share of scattered light that turns back: the mean of Petzold's 1972 measurements. */
    private const BACKSCATTER_SHARE = 0.018;

    /**
     * @param Spectrum $absorption  a, 1/m
     * @param Spectrum $scattering  b, 1/m
     * @param Spectrum $attenuation c = a + b, 1/m
     * @param Spectrum $backscatter b_b, 1/m
     */
    private function __construct(
        public Spectrum $absorption,
        public Spectrum $scattering,
        public Spectrum $attenuation,
        public Spectrum $backscatter,
    ) {
    }

    /**
     * @param list<float> $absorption a at each wavelength, 1/m
     * @param list<float> $scattering b at each wavelength, 1/m
     */
    public static function of(array $absorption, array $scattering): self
    {
        $a = Spectrum::of($absorption);
        $b = Spectrum::of($scattering);

        return new self($a, $b, $a->plus($b), $b->scaled(self::BACKSCATTER_SHARE));
    }
}
