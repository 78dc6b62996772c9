<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Water\Spectrum;

/**
 * The largemouth bass's eye: two cones and rods. Peaks after Mitchem et al. 2019; from memory.
 */
final readonly class BassEye
{
    public const GREEN_CONE_NM = 535.0;
    public const RED_CONE_NM = 614.0;
    public const ROD_NM = 528.0;
    /** Below this light at the lure only the rods work and colour is gone. (Chosen.) */
    public const COLOUR_VISION_LUX = 1.0;
    /** Weber fraction of each cone channel. (Chosen.) */
    public const CONE_NOISE = 0.07;
    /** Weber fraction of tone. (Chosen.) */
    public const TONE_NOISE = 0.10;
    /** Contrast at which a thing is lost in the water. (Chosen; studies of fish give 0.01 to 0.07.) */
    public const THRESHOLD = 0.05;

    private function __construct(public Spectrum $green, public Spectrum $red, public Spectrum $rod)
    {
    }

    public static function largemouth(): self
    {
        return new self(
            VisualPigment::a2(self::GREEN_CONE_NM),
            VisualPigment::a2(self::RED_CONE_NM),
            VisualPigment::a2(self::ROD_NM),
        );
    }
}
