<?php

declare(strict_types=1);

namespace Kontrast\Statistics;

/** Two things fished in comparable water and light: events and hours of each. */
final readonly class Stratum
{
    public function __construct(public int $eventsA, public float $hoursA, public int $eventsB, public float $hoursB)
    {
    }
}
