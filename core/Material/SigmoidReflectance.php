<?php

declare(strict_types=1);

namespace Kontrast\Material;

use Kontrast\Water\Grid;
use Kontrast\Water\Spectrum;

/**
 * A smooth reflectance of three coefficients, between 0 and 1 at every wavelength. Jakob & Hanika 2019:
 * R(λ) = 1/2 + x / (2√(1 + x²)) with x a quadratic in λ.
 */
final readonly class SigmoidReflectance
{
    /** @param array{float, float, float} $coefficients of t², t and 1, t running from −1 at 400 nm to 1 at 700 nm */
    private function __construct(public array $coefficients, public Spectrum $spectrum)
    {
    }

    /** @param array{float, float, float} $c */
    public static function of(array $c): self
    {
        $samples = [];
        for ($i = 0; $i < Grid::SAMPLES; ++$i) {
            // λ from −1 at 400 nm to 1 at 700 nm keeps the three coefficients of a size.
            $t = 2 * $i / (Grid::SAMPLES - 1) - 1;
            $x = ($c[0] * $t + $c[1]) * $t + $c[2];
            $samples[] = 0.5 + $x / (2 * sqrt(1 + $x * $x));
        }

        return new self($c, Spectrum::of($samples));
    }
}
