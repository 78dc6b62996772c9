<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Measure\Angle;

/** The sky of a reading at a moment of the day: what is overhead, and where the sun stands. */
final readonly class SkyAt
{
    /** Under it a clear sky is one of low sun. (Chosen.) */
    public const LOW_SUN_DEG = 12.0;
    /** Under it is night, whatever is overhead: the end of civil twilight. */
    public const NIGHT_DEG = -6.0;
    /** The heights at which the sky of a reading changes, lowest first. */
    public const LIMITS_DEG = [self::NIGHT_DEG, self::LOW_SUN_DEG];

    private function __construct(public Sky $sky, public Angle $elevation)
    {
    }

    /** @param float $height of the sun, degrees, negative under the horizon */
    public static function of(Sky $overhead, float $height): self
    {
        return new self(match (true) {
            Sky::Night === $overhead || $height < self::NIGHT_DEG => Sky::Night,
            $height < self::LOW_SUN_DEG && \in_array($overhead, [Sky::Sun, Sky::Broken, Sky::LowSun], true) => Sky::LowSun,
            Sky::LowSun === $overhead => Sky::Sun,
            default => $overhead,
        }, Angle::degrees(max(0.0, min(90.0, $height))));
    }

    public function on(Reading $reading): Reading
    {
        return $reading->with(sky: $this->sky, sunElevation: $this->elevation);
    }
}
