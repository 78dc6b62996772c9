<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Water\Spectrum;

/**
 * A light as the bass's eye takes it, ready to be weakened by distance: what each receptor catches of the difference from the
 * water behind, wavelength by wavelength.
 */
final readonly class Detection
{
    /**
     * @param list<float> $green difference from the water, weighted by the green cone
     * @param list<float> $red
     * @param list<float> $rod
     */
    private function __construct(private Viewing $viewing, private array $green, private array $red, private array $rod)
    {
    }

    public static function of(Spectrum $radiance, Viewing $viewing): self
    {
        $green = [];
        $red = [];
        $rod = [];
        $g = $viewing->eye->green->samples;
        $r = $viewing->eye->red->samples;
        $n = $viewing->eye->rod->samples;
        foreach ($radiance->samples as $i => $l) {
            $difference = $l - $viewing->scene->background->samples[$i];
            $green[] = $difference * $g[$i];
            $red[] = $difference * $r[$i];
            $rod[] = $difference * $n[$i];
        }

        return new self($viewing, $green, $red, $rod);
    }

    /** Weber contrast of tone against the water at a distance in metres: (part − water) / water. */
    public function contrast(float $metres): float
    {
        $difference = 0.0;
        if ($this->viewing->colour) {
            foreach ($this->viewing->left($metres) as $i => $left) {
                $difference += ($this->green[$i] + $this->red[$i]) * $left;
            }
        } else {
            foreach ($this->viewing->left($metres) as $i => $left) {
                $difference += $this->rod[$i] * $left;
            }
        }

        return $difference / $this->viewing->tone;
    }

    /**
     * What the eye takes in at a distance in metres, as logarithms.
     *
     * @return array{float, float} ln(green catch / red catch), ln(tone); the first 0 where colour is gone
     */
    public function logs(float $metres): array
    {
        $green = $this->viewing->green;
        $red = $this->viewing->red;
        $rod = $this->viewing->rod;
        foreach ($this->viewing->left($metres) as $i => $left) {
            $green += $this->green[$i] * $left;
            $red += $this->red[$i] * $left;
            $rod += $this->rod[$i] * $left;
        }
        if (!$this->viewing->colour) {
            return [0.0, log(max($rod, $this->viewing->rod * self::BLACKEST))];
        }
        $green = max($green, $this->viewing->green * self::BLACKEST);
        $red = max($red, $this->viewing->red * self::BLACKEST);

        return [log($green / $red), log($green + $red)];
    }

    /** No thing is blacker than this share of the water's light: keeps logarithms finite. (Chosen.) */
    private const BLACKEST = 1e-9;
}
