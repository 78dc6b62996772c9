<?php

declare(strict_types=1);

namespace Kontrast\Material;

use Kontrast\Water\Spectrum;

/** A part as light meets it: plastic, strand or paint of a colour, or bare metal. */
final readonly class Part
{
    private function __construct(
        public string $id,
        public Srgb $inTheHand,
        public Spectrum $reflectance,
        public ?Metal $metal,
        public Fluorescence $fluorescence,
        public float $opacity,
    ) {
    }

    /** @param float $opacity from 0, all water behind shows, to 1, none does */
    public static function matte(string $id, Srgb $colour, Fluorescence $fluorescence = Fluorescence::None, float $opacity = 1.0): self
    {
        if (!($opacity >= 0.0 && $opacity <= 1.0)) {
            throw new \DomainException('Opacity runs from 0 to 1.');
        }

        return new self($id, $colour, Reflectance::of($colour), null, $fluorescence, $opacity);
    }

    public static function metal(string $id, Metal $metal): self
    {
        $reflectance = $metal->reflectance();

        return new self($id, Srgb::nearest(Xyz::ofReflectance($reflectance)), $reflectance, $metal, Fluorescence::None, 1.0);
    }
}
