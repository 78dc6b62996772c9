<?php

declare(strict_types=1);

namespace Kontrast\Material;

use Kontrast\Water\ColourMatching;
use Kontrast\Water\Daylight;
use Kontrast\Water\Spectrum;

/** A colour as the CIE 1931 standard observer takes it in: tristimulus values, Y of the white being 1. */
final readonly class Xyz
{
    public function __construct(public float $x, public float $y, public float $z)
    {
    }

    /** D65, the white of sRGB. IEC 61966-2-1. */
    public static function d65(): self
    {
        return new self(0.95047, 1.0, 1.08883);
    }

    /** Of light itself; its unit is that of the light. */
    public static function ofLight(Spectrum $radiance): self
    {
        $x = $y = $z = 0.0;
        foreach ($radiance->samples as $i => $l) {
            $x += $l * ColourMatching::X[$i];
            $y += $l * ColourMatching::Y[$i];
            $z += $l * ColourMatching::Z[$i];
        }

        return new self($x, $y, $z);
    }

    /** Of a reflectance under D65. */
    public static function ofReflectance(Spectrum $reflectance): self
    {
        $d65 = Daylight::d65();

        return self::ofLight($reflectance->times($d65))->scaled(1 / self::ofLight($d65)->y);
    }

    public function scaled(float $factor): self
    {
        return new self($this->x * $factor, $this->y * $factor, $this->z * $factor);
    }
}
