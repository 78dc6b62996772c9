<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\ReflectanceFitter;
use Kontrast\Water\Scene;

/** A bass looking at one scene: what its receptors catch of the bare water, and whether there is light enough for colour. */
final class Viewing
{
    public readonly bool $colour;
    public readonly float $green;
    public readonly float $red;
    public readonly float $rod;
    /** Tone of the bare water: both cones, or the rods where colour is gone. */
    public readonly float $tone;
    /**
     * @var array<int|string, list<float>> what distance leaves of a difference, by distance; the same few distances are asked for again
     *        and again
     */
    private array $left = [];

    private const MOST_REMEMBERED = 1024;

    public function __construct(
        public readonly Scene $scene,
        public readonly ReflectanceFitter $reflectances,
        public readonly BassEye $eye,
    ) {
        $this->colour = $scene->light->lux() >= BassEye::COLOUR_VISION_LUX;
        $this->green = $scene->background->dot($eye->green);
        $this->red = $scene->background->dot($eye->red);
        $this->rod = $scene->background->dot($eye->rod);
        $this->tone = $this->colour ? $this->green + $this->red : $this->rod;
    }

    public static function in(Scene $scene, ReflectanceFitter $reflectances): self
    {
        return new self($scene, $reflectances, BassEye::largemouth());
    }

    /** @return list<float> e^(−c·r), a wavelength each */
    public function left(float $metres): array
    {
        $key = (string) $metres;
        if (!isset($this->left[$key])) {
            if (\count($this->left) >= self::MOST_REMEMBERED) {
                $this->left = [];
            }
            $left = [];
            foreach ($this->scene->water->mixture->attenuation->samples as $c) {
                $left[] = exp(-$c * $metres);
            }
            $this->left[$key] = $left;
        }

        return $this->left[$key];
    }
}
