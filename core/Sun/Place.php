<?php

declare(strict_types=1);

namespace Kontrast\Sun;

/** A point on the earth and the clock that people keep there. */
final readonly class Place
{
    private function __construct(public float $latitude, public float $longitude, public \DateTimeZone $zone)
    {
    }

    /**
     * @param float  $latitude  degrees, north positive
     * @param float  $longitude degrees, east positive
     * @param string $zone      by its name in the time zone database: America/Chicago
     *
     * @throws NotAPlace
     */
    public static function at(float $latitude, float $longitude, string $zone): self
    {
        if (abs($latitude) > 90 || abs($longitude) > 180) {
            throw NotAPlace::outside($latitude, $longitude);
        }
        if (!\in_array($zone, \DateTimeZone::listIdentifiers(\DateTimeZone::ALL_WITH_BC), true)) {
            throw NotAPlace::unknownZone($zone);
        }

        return new self($latitude, $longitude, new \DateTimeZone($zone));
    }
}
