<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\Srgb;
use Kontrast\Material\Xyz;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;
use Kontrast\Water\Spectrum;

/**
 * Lights of a scene as an approximation of what two cones make of them, exposed so that the brighter of a white thing and the water behind
 * just fills the screen; or brighter than that by some stops.
 */
final readonly class Screen
{
    /** Where the exposure puts the brightest plain thing, of the screen's white. (Chosen.) */
    private const BRIGHTEST = 0.92;

    /** Where an automatic exposure puts the middle of what is there: the grey card of photographers, 18 % of white. */
    private const MIDDLE = 0.18;
    private const MOST_STOPS = 4.0;
    /** What is darker than this share of white does not count for an exposure: no stop would show it. (Chosen.) */
    private const DARKEST = 0.002;

    private function __construct(
        private Viewing $viewing,
        /** Tone of white. */
        private float $tone,
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
            self::BRIGHTEST / Xyz::ofLight($white)->y,
            self::BRIGHTEST / $white->dot($viewing->eye->green),
            self::BRIGHTEST / $white->dot($viewing->eye->red),
            self::BRIGHTEST / $white->dot($viewing->eye->rod),
        );
    }

    /** The same, brighter by some stops: each doubles the light. */
    public function brighter(float $stops): self
    {
        $gain = 2 ** $stops;

        return new self($this->viewing, $this->tone * $gain, $this->green * $gain, $this->red * $gain, $this->rod * $gain);
    }

    /**
     * The stops, in halves, by which what is there has to be brightened for its middle (of the logarithms, as light meters average) to
     * come out as a grey card; never darker than it is. What is much brighter than the rest then burns out, as in a photograph.
     *
     * @param non-empty-list<Spectrum> $lights
     */
    public function stopsFor(array $lights): float
    {
        $stops = array_map(fn (Spectrum $light): float => log(max(self::DARKEST, Xyz::ofLight($light)->y * $this->tone), 2), $lights);
        $missing = log(self::MIDDLE, 2) - array_sum($stops) / \count($stops);

        return max(0.0, min(self::MOST_STOPS, round(2 * $missing) / 2));
    }

    /**
     * The red cone's share of its white as red, the green cone's as green and blue: what the fish can tell apart differs on the
     * screen, what it cannot does not. Grey where only rods work.
     */
    public function bass(Spectrum $radiance): Srgb
    {
        $eye = $this->viewing->eye;

        return $this->show($radiance->dot($eye->green), $radiance->dot($eye->red), $radiance->dot($eye->rod));
    }

    /** A light by what the receptors catch of it. */
    public function show(float $green, float $red, float $rod): Srgb
    {
        return $this->viewing->colour
            ? Srgb::linear($red * $this->red, $green * $this->green, $green * $this->green)
            : Srgb::linear($rod * $this->rod, $rod * $this->rod, $rod * $this->rod);
    }

    private static function white(Scene $scene): Spectrum
    {
        $white = $scene->card();
        $brighter = Direction::Below === $scene->from || Xyz::ofLight($scene->background)->y > Xyz::ofLight($white)->y;

        return $brighter ? $scene->background : $white;
    }
}
