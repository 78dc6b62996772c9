<?php

declare(strict_types=1);

namespace Kontrast\Water;

use Kontrast\Measure\Length;

/** The daylight that has come down to a depth. */
final readonly class LightAtDepth
{
    /** Share of scattering that takes light out of the sun's beam; the rest goes on forward and counts as beam. (Chosen.) */
    public const SIDEWAYS_SHARE = 0.15;

    /**
     * @param Spectrum $irradiance E(z), in the units of the sky
     * @param Spectrum $direct     E_dir, what is left of the sun's own beam
     */
    private function __construct(public Spectrum $irradiance, public Spectrum $direct)
    {
    }

    public static function in(SolvedWater $water, Length $depth): self
    {
        $z = $depth->inMetres();
        $e0 = $water->sky->irradiance;
        $path = $z / $water->sky->cosine;
        $direct = [];
        foreach ($e0->samples as $i => $e) {
            $direct[] = $water->sky->directShare * $e * exp(
                -($water->mixture->absorption->samples[$i] + self::SIDEWAYS_SHARE * $water->mixture->scattering->samples[$i]) * $path,
            );
        }

        return new self($e0->with($water->diffuse, static fn (float $e, float $k): float => $e * exp(-$k * $z)), Spectrum::of($direct));
    }

    public function lux(): float
    {
        return ColourMatching::lux($this->irradiance);
    }
}
