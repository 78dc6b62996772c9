<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Measure\Length;

/** Two parts of one scene beside each other. */
final readonly class Pair
{
    private function __construct(public ReducedPart $a, public ReducedPart $b)
    {
    }

    public static function of(ReducedPart $a, ReducedPart $b): self
    {
        return new self($a, $b);
    }

    /** JND between the two at the judging distance, colour and tone together: the one figure a search needs of a pair. */
    public static function farther(ReducedPart $a, ReducedPart $b): float
    {
        $colour = ($a->colourFarther - $b->colourFarther) / (BassEye::CONE_NOISE * \M_SQRT2);
        $tone = ($a->toneFarther - $b->toneFarther) / BassEye::TONE_NOISE;

        return sqrt($colour * $colour + $tone * $tone);
    }

    /** JND of colour at the part. */
    public function colour(): float
    {
        return ReceptorNoise::colour($this->a->colour, $this->b->colour);
    }

    /** JND of tone at the part. */
    public function tone(): float
    {
        return ReceptorNoise::tone($this->a->tone, $this->b->tone);
    }

    /** JND at a distance, colour and tone together. */
    public function at(Length $distance): float
    {
        return $this->atMetres($distance->inMetres());
    }

    public function reads(): Separation
    {
        return Separation::at(self::farther($this->a, $this->b));
    }

    /**
     * The distance at which the two fall to one just-noticeable difference, or to another number of them: nearer they read as two, farther
     * as one.
     */
    public function splitRange(float $steps = 1.0): Length
    {
        return FadeRange::where($this->atMetres(...), $steps, $this->a->viewing->scene->water->beamAttenuation);
    }

    /** CIEDE2000 between the two in the hand, under D65. */
    public function inTheHand(): float
    {
        return Ciede2000::between($this->a->part->inTheHand->toLab(), $this->b->part->inTheHand->toLab());
    }

    private function atMetres(float $metres): float
    {
        [$colourA, $toneA] = $this->a->steady->logs($metres);
        [$colourB, $toneB] = $this->b->steady->logs($metres);

        return hypot(ReceptorNoise::colour($colourA, $colourB), ReceptorNoise::tone($toneA, $toneB));
    }
}
