<?php

declare(strict_types=1);

namespace Kontrast\Material;

/** A part as light meets it: plastic, strand or paint of a colour, or bare metal. */
final readonly class OpticalPart
{
    private function __construct(
        public string $id,
        public Srgb $inTheHand,
        public ?Metal $metal,
        public Fluorescence $fluorescence,
        public float $opacity,
        public ?PartPlace $place = null,
        public int $layer = 0,
    ) {
    }

    /** @param float $opacity from 0, all water behind shows, to 1, none does */
    public static function matte(string $id, Srgb $colour, Fluorescence $fluorescence = Fluorescence::None, float $opacity = 1.0): self
    {
        if (!($opacity >= 0.0 && $opacity <= 1.0)) {
            throw new \DomainException('Opacity runs from 0 to 1.');
        }

        return new self($id, $colour, null, $fluorescence, $opacity);
    }

    public static function metal(string $id, Metal $metal): self
    {
        return new self($id, Srgb::nearest(Xyz::ofReflectance($metal->reflectance())), $metal, Fluorescence::None, 1.0);
    }

    /** The same part, sitting somewhere on a lure: 0 for a base color, 1 and on for accents. */
    public function at(PartPlace $place, int $layer = 0): self
    {
        return new self($this->id, $this->inTheHand, $this->metal, $this->fluorescence, $this->opacity, $place, $layer);
    }
}
