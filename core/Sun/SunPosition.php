<?php

declare(strict_types=1);

namespace Kontrast\Sun;

/**
 * How high the sun stands, from place and time. Meeus, Astronomical Algorithms, 2nd ed. 1998: chapter 25 (low accuracy, 0.01°),
 * chapter 12 for sidereal time, chapter 13 for the height. Geometric, without refraction. The difference between dynamical and
 * universal time (about 70 s) moves the sun by less than 0.001° and is left out. Constants from memory of the book.
 */
final class SunPosition
{
    /** Julian date of the Unix epoch, and of J2000.0. */
    private const EPOCH_JD = 2440587.5;
    private const J2000 = 2451545.0;

    /** @return float degrees above the horizon, negative below */
    public static function height(Place $place, \DateTimeInterface $at): float
    {
        return self::heightAt($place, (float) $at->format('U.u'));
    }

    /** @param float $unix seconds since 1970, universal time */
    public static function heightAt(Place $place, float $unix): float
    {
        $jd = self::EPOCH_JD + $unix / 86400;
        $t = ($jd - self::J2000) / 36525;
        [$rightAscension, $declination] = self::equatorial($t);
        $sidereal = 280.46061837 + 360.98564736629 * ($jd - self::J2000) + 0.000387933 * $t ** 2;
        $hourAngle = deg2rad($sidereal + $place->longitude) - $rightAscension;
        $latitude = deg2rad($place->latitude);

        return rad2deg(asin(
            sin($latitude) * sin($declination) + cos($latitude) * cos($declination) * cos($hourAngle),
        ));
    }

    /**
     * @param float $t Julian centuries since J2000.0
     *
     * @return array{float, float} right ascension and declination, radians
     */
    private static function equatorial(float $t): array
    {
        $meanLongitude = 280.46646 + 36000.76983 * $t + 0.0003032 * $t ** 2;
        $anomaly = deg2rad(357.52911 + 35999.05029 * $t - 0.0001537 * $t ** 2);
        $centre = (1.914602 - 0.004817 * $t - 0.000014 * $t ** 2) * sin($anomaly)
            + (0.019993 - 0.000101 * $t) * sin(2 * $anomaly)
            + 0.000289 * sin(3 * $anomaly);
        $node = deg2rad(125.04 - 1934.136 * $t);
        $longitude = deg2rad($meanLongitude + $centre - 0.00569 - 0.00478 * sin($node));
        $obliquity = deg2rad(23.439291 - 0.0130042 * $t - 0.00000016 * $t ** 2 + 0.00256 * cos($node));

        return [
            atan2(cos($obliquity) * sin($longitude), cos($longitude)),
            asin(sin($obliquity) * sin($longitude)),
        ];
    }
}
