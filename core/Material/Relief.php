<?php

declare(strict_types=1);

namespace Kontrast\Material;

use Kontrast\Measure\Angle;
use Kontrast\Water\Scene;
use Kontrast\Water\Spectrum;
use Kontrast\Water\WaterAround;

/** What gives a part its volume in a picture: its light on top, in the middle and underneath. All constants are chosen. */
final class Relief
{
    /** How much more of a matte part's own light comes from its top, and how much is left underneath. */
    private const MATTE = [1.7, 1.0, 0.45];
    /** Degrees above level at which a blade at rest mirrors the water: at its top, middle and bottom. */
    private const MIRRORS = [45.0, 10.0, -45.0];

    /** @return array{Spectrum, Spectrum, Spectrum} on top, in the middle, underneath; before the water between weakens it */
    public static function of(OpticalPart $part, Radiance $radiance, Scene $scene): array
    {
        return null === $part->metal ? self::matte($part, $radiance->steady, $scene) : self::metal($part->metal, $scene);
    }

    /** @return array{Spectrum, Spectrum, Spectrum} */
    private static function matte(OpticalPart $part, Spectrum $light, Scene $scene): array
    {
        $behind = $scene->background->scaled(1 - $part->opacity);
        $own = $light->plus($behind->scaled(-1));
        [$top, $middle, $under] = array_map(static fn (float $share): Spectrum => $own->scaled($share)->plus($behind), self::MATTE);

        return [$top, $middle, $under];
    }

    /**
     * Mirrors the water at three heights, in the mean what is behind it.
     *
     * @return array{Spectrum, Spectrum, Spectrum}
     */
    private static function metal(Metal $metal, Scene $scene): array
    {
        $around = new WaterAround($scene);
        $mirrored = array_map(static fn (float $degrees): Spectrum => $around->toward(Angle::degrees($degrees)), self::MIRRORS);
        $reflectance = $metal->reflectance();
        [$top, $middle, $under] = array_map(static function (Spectrum $water) use ($mirrored, $reflectance, $scene): Spectrum {
            $light = [];
            foreach ($water->samples as $i => $here) {
                $mean = ($mirrored[0]->samples[$i] + $mirrored[1]->samples[$i] + $mirrored[2]->samples[$i]) / 3;
                $level = $mean > 0.0 ? $here / $mean * $scene->background->samples[$i] : 0.0;
                $light[] = Radiance::sheen($reflectance->samples[$i], $level, $scene->face->samples[$i]);
            }

            return Spectrum::of($light);
        }, $mirrored);

        return [$top, $middle, $under];
    }
}
