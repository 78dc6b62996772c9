<?php

declare(strict_types=1);

namespace Kontrast\Sun;

/** Thrown where no point on the earth, or no clock, is meant. */
final class NotAPlace extends \DomainException
{
    public static function outside(float $latitude, float $longitude): self
    {
        return new self("$latitude, $longitude is not on the earth. Latitude runs from -90 to 90, longitude from -180 to 180.");
    }

    public static function unknownZone(string $zone): self
    {
        return new self("“{$zone}” is not a time zone. Use a name such as America/Chicago.");
    }
}
