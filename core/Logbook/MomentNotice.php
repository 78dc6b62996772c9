<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/** A moment that has come, or is near. */
final readonly class MomentNotice
{
    /** @param string $date when it came, or the day of the last temperature */
    public function __construct(public Moment $moment, public bool $hasCome, public string $date, public float $fahrenheit)
    {
    }
}
