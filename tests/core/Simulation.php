<?php

declare(strict_types=1);

namespace Tests\core;

/** Long runs over random waters, days or seasons, always the same ones: the tests take a part, `./kontrast simulate` all of it. */
final class Simulation
{
    public const GROUP = 'simulation';

    /**
     * @param int $whole as many as what is claimed is claimed of
     * @param int $part  enough to find what breaks it grossly, within seconds
     */
    public static function size(int $whole, int $part): int
    {
        return false === getenv('KONTRAST_SIMULATE') ? $part : $whole;
    }

    /** A figure that a long run came to: printed there, and nowhere else. */
    public static function tell(string $figure): void
    {
        if (false !== getenv('KONTRAST_SIMULATE')) {
            fwrite(\STDERR, "\n$figure\n");
        }
    }
}
