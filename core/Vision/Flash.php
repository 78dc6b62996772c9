<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\Radiance;
use Kontrast\Measure\Angle;
use Kontrast\Water\Spectrum;

/** What a blade that turns sends to the eye: how bright it flashes, what it comes to on the mean, how much of the time it is bright. */
final readonly class Flash
{
    /** Degrees from the flash at which a quarter turn is shown: close where the light changes fast. */
    public const ANGLES = [0, 4, 8, 12, 16, 20, 25, 30, 40, 50, 70, 90];

    /**
     * @param float $peak  contrast against the water at the flash
     * @param float $mean  over a turn
     * @param float $share of the time that it is above half the peak; 1 where it does not flash
     */
    private function __construct(public float $peak, public float $mean, public float $share)
    {
    }

    /** Null for what does not shine. */
    public static function of(ReducedPart $part): ?self
    {
        $peak = $part->againstWaterAtGlint();
        if (null === $peak) {
            return null;
        }
        $steady = $part->againstWater();

        return new self($peak, $steady + Radiance::meanLobe() * ($peak - $steady), self::share($steady, $peak));
    }

    /** @return list<Angle> */
    public static function angles(): array
    {
        return array_map(static fn (int $degrees): Angle => Angle::degrees($degrees), self::ANGLES);
    }

    /**
     * What a blade sends out at these angles.
     *
     * @return list<Spectrum>
     */
    public static function lights(Radiance $radiance): array
    {
        return array_map($radiance->turned(...), self::angles());
    }

    /** |contrast| is above half the peak's for angles nearer to the flash than this, of a quarter turn. */
    private static function share(float $steady, float $peak): float
    {
        $half = $peak / 2;
        if ($peak <= $steady || $steady >= $half) {
            return 1.0;
        }

        return acos((($half - $steady) / ($peak - $steady)) ** (1 / Radiance::LOBE)) / (\M_PI / 2);
    }
}
