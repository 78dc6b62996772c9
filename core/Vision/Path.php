<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\Xyz;
use Kontrast\Measure\Length;
use Kontrast\Water\ColourMatching;
use Kontrast\Water\Spectrum;

/**
 * What a level path through the water leaves of a light, taken at once by the observer of a picture and by the eye of a bass. Duntley
 * 1963, as in a scene; with the sums over the wavelengths prepared, since hundreds of lights go the same way.
 */
final readonly class Path
{
    /**
     * @param list<array{float, float, float, float, float, float}> $weights x̄, ȳ, z̄, green, red and rod a wavelength, times what is left
     * @param array{float, float, float, float, float, float}       $water   the same sums of the water between
     */
    private function __construct(private array $weights, private array $water)
    {
    }

    public static function over(Length $distance, Viewing $viewing): self
    {
        $eye = $viewing->eye;
        $weights = [];
        $water = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($viewing->left($distance->inMetres()) as $i => $left) {
            $takes = [
                ColourMatching::X[$i], ColourMatching::Y[$i], ColourMatching::Z[$i],
                $eye->green->samples[$i], $eye->red->samples[$i], $eye->rod->samples[$i],
            ];
            $between = (1 - $left) * $viewing->scene->background->samples[$i];
            foreach ($takes as $k => $share) {
                $water[$k] += $between * $share;
                $takes[$k] *= $left;
            }
            $weights[] = $takes;
        }

        return new self($weights, $water);
    }

    /** @return array{Xyz, array{float, float, float}} tristimulus values, and the catches of the green cone, the red one and the rods */
    public function take(Spectrum $light): array
    {
        [$x, $y, $z, $green, $red, $rod] = $this->water;
        foreach ($light->samples as $i => $l) {
            $weights = $this->weights[$i];
            $x += $l * $weights[0];
            $y += $l * $weights[1];
            $z += $l * $weights[2];
            $green += $l * $weights[3];
            $red += $l * $weights[4];
            $rod += $l * $weights[5];
        }

        return [new Xyz($x, $y, $z), [$green, $red, $rod]];
    }
}
