<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\OpticalPart;
use Kontrast\Material\Radiance;
use Kontrast\Measure\Length;

/**
 * A part reduced, once for a scene, to the few numbers a pair is judged by: logarithms of colour and tone at the part and at the
 * judging distance. Distances where things are lost are worked out when asked for.
 */
final readonly class ReducedPart
{
    private function __construct(
        public OpticalPart $part,
        public Viewing $viewing,
        public Detection $steady,
        public ?Detection $glint,
        /** ln(green catch / red catch) at the part. */
        public float $colour,
        /** ln(tone) at the part. */
        public float $tone,
        public float $colourFarther,
        public float $toneFarther,
    ) {
    }

    public static function of(OpticalPart $part, Viewing $viewing): self
    {
        $radiance = Radiance::of($part, $viewing->scene, $viewing->reflectances);
        $steady = Detection::of($radiance->steady, $viewing);
        [$colour, $tone] = $steady->logs(0.0);
        [$colourFarther, $toneFarther] = $steady->logs($viewing->scene->judgingDistance()->inMetres());

        return new self(
            $part,
            $viewing,
            $steady,
            null === $radiance->glint ? null : Detection::of($radiance->glint, $viewing),
            $colour,
            $tone,
            $colourFarther,
            $toneFarther,
        );
    }

    /** Weber contrast of tone against the water, at the part. */
    public function againstWater(): float
    {
        return $this->steady->contrast(0.0);
    }

    /** The same at a glint; null for what does not shine. */
    public function againstWaterAtGlint(): ?float
    {
        return $this->glint?->contrast(0.0);
    }

    /** The distance at which the part is lost in the water: its contrast falls to a threshold. */
    public function sightRange(float $threshold = BassEye::THRESHOLD): Length
    {
        return self::range($this->steady, $this->viewing, $threshold);
    }

    public function flashRange(float $threshold = BassEye::THRESHOLD): ?Length
    {
        return null === $this->glint ? null : self::range($this->glint, $this->viewing, $threshold);
    }

    private static function range(Detection $detection, Viewing $viewing, float $threshold): Length
    {
        return FadeRange::where(
            static fn (float $metres): float => abs($detection->contrast($metres)),
            $threshold,
            $viewing->scene->water->beamAttenuation,
        );
    }
}
