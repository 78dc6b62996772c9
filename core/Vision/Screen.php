<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\Srgb;
use Kontrast\Material\Xyz;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;
use Kontrast\Water\Spectrum;

/**
 * Lights of a scene as colours for a person's screen, exposed so that the brighter of a white thing and the water behind just
 * fills the screen's strongest channel: in tea that is red, and white looks reddish there. Two ways: as a person would see them there, and
 * an approximation of what two cones make of them.
 */
final readonly class Screen
{
    /** Where the exposure puts the brightest plain thing, of the screen's white. (Chosen.) */
    private const BRIGHTEST = 0.92;

    private function __construct(
        private Viewing $viewing,
        private float $exposure,
        private Adaptation $adaptation,
        private float $green,
        private float $red,
        private float $rod,
    ) {
    }

    public static function for(Viewing $viewing): self
    {
        $white = self::white($viewing->scene);

        return new self(
            $viewing,
            self::BRIGHTEST / Srgb::brightestChannel(Adaptation::to(Xyz::ofLight($white))->of(Xyz::ofLight($white))),
            Adaptation::to(Xyz::ofLight($white)),
            self::BRIGHTEST / $white->dot($viewing->eye->green),
            self::BRIGHTEST / $white->dot($viewing->eye->red),
            self::BRIGHTEST / $white->dot($viewing->eye->rod),
        );
    }

    /** As a person with a mask on would see it, eyes half used to the colour of the light there. */
    public function person(Spectrum $radiance): Srgb
    {
        return Srgb::nearest($this->adaptation->of(Xyz::ofLight($radiance))->scaled($this->exposure));
    }

    /**
     * The red cone's share of its white as red, the green cone's as green and blue: what the fish can tell apart differs on the
     * screen, what it cannot does not. Grey where only rods work.
     */
    public function bass(Spectrum $radiance): Srgb
    {
        if (!$this->viewing->colour) {
            $grey = $radiance->dot($this->viewing->eye->rod) * $this->rod;

            return Srgb::linear($grey, $grey, $grey);
        }
        $green = $radiance->dot($this->viewing->eye->green) * $this->green;

        return Srgb::linear($radiance->dot($this->viewing->eye->red) * $this->red, $green, $green);
    }

    private static function white(Scene $scene): Spectrum
    {
        $white = $scene->face->scaled(1 / \M_PI);
        $brighter = Direction::Below === $scene->from || Xyz::ofLight($scene->background)->y > Xyz::ofLight($white)->y;

        return $brighter ? $scene->background : $white;
    }
}
