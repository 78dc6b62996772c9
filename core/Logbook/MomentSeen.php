<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/** A moment of a water's year, and when it came. */
final readonly class MomentSeen
{
    public function __construct(public Moment $moment, public string $date, public float $fahrenheit)
    {
    }
}
