<?php

declare(strict_types=1);

namespace Kontrast\Water;

/** The wavelengths every spectrum is sampled at: 400 to 700 nm by 10 nm. */
final class Grid
{
    public const FIRST_NM = 400;
    public const STEP_NM = 10;
    public const SAMPLES = 31;

    /** @return list<float> nm */
    public static function wavelengths(): array
    {
        return array_map(static fn (int $i): float => (float) (self::FIRST_NM + self::STEP_NM * $i), range(0, self::SAMPLES - 1));
    }
}
