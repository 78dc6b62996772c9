<?php

declare(strict_types=1);

namespace Kontrast\Eye;

use Kontrast\Material\Part;
use Kontrast\Material\Radiance;
use Kontrast\Measure\Length;

/**
 * A part reduced, once for a scene, to the few numbers a pair is judged by: logarithms of colour and tone at the part and at the
 * judging distance. Distances where things are lost are worked out when asked for.
 */
final readonly class ReducedPart
{
    private function __construct(
        public Part $part,
        public Gaze $gaze,
        public Sighting $steady,
        public ?Sighting $glint,
        /** ln(green catch / red catch) at the part. */
        public float $colour,
        /** ln(tone) at the part. */
        public float $tone,
        public float $colourFarther,
        public float $toneFarther,
    ) {
    }

    public static function of(Part $part, Gaze $gaze): self
    {
        $radiance = Radiance::of($part, $gaze->scene);
        $steady = Sighting::of($radiance->steady, $gaze);
        [$colour, $tone] = $steady->logs(0.0);
        [$colourFarther, $toneFarther] = $steady->logs($gaze->scene->judgingDistance()->inMetres());

        return new self(
            $part,
            $gaze,
            $steady,
            null === $radiance->glint ? null : Sighting::of($radiance->glint, $gaze),
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

    /** The distance at which the part is lost in the water. */
    public function sightRange(): Length
    {
        return self::range($this->steady, $this->gaze);
    }

    public function flashRange(): ?Length
    {
        return null === $this->glint ? null : self::range($this->glint, $this->gaze);
    }

    private static function range(Sighting $sighting, Gaze $gaze): Length
    {
        return Range::where(
            static fn (float $metres): float => abs($sighting->contrast($metres)),
            BassEye::THRESHOLD,
            $gaze->scene->water->beamAttenuation,
        );
    }
}
