<?php

declare(strict_types=1);

namespace Kontrast\Reading;

/**
 * The season that a day is likely to be in: a proposal, for a day nobody has been out on yet. The table is of 44° north (chosen); what
 * comes with the warmth is four days later for each degree north of that, what comes with the cold four days earlier (Hopkins'
 * bioclimatic law, 1918, from memory), and the south has its seasons half a year apart.
 */
final class SeasonCalendar
{
    /** Day of the year on which each begins at 44° north: 1 is the first of January. */
    private const WARMING = ['late_winter' => 60, 'early_spring' => 101, 'spring' => 126, 'summer' => 167];
    private const COOLING = ['fall' => 254, 'winter' => 315];
    private const AT_DEGREES = 44.0;
    private const DAYS_A_DEGREE = 4.0;
    /** Beyond these the table is not moved further: there the law holds no longer. (Chosen.) */
    private const NEAREST = 32.0;
    private const FARTHEST = 52.0;
    private const DAYS_OF_YEAR = 365;
    private const HALF_A_YEAR = 182;
    /** From so far from the equator on water freezes over in most winters. (Chosen.) */
    private const ICE_FROM = 40.0;

    /** @param float|null $latitude degrees, north positive; null where nobody said: that of the table */
    public static function propose(\DateTimeImmutable $day, ?float $latitude): Season
    {
        $latitude ??= self::AT_DEGREES;
        $date = self::dayOfYear($day, $latitude);
        $later = self::DAYS_A_DEGREE * (max(self::NEAREST, min(self::FARTHEST, abs($latitude))) - self::AT_DEGREES);
        $season = Season::Winter;
        foreach (self::WARMING as $name => $begins) {
            $season = $date >= $begins + $later ? Season::from($name) : $season;
        }
        foreach (self::COOLING as $name => $begins) {
            $season = $date >= $begins - $later ? Season::from($name) : $season;
        }

        return $season;
    }

    /** What has to be known before one goes on such a day; null where nothing has. */
    public static function caution(\DateTimeImmutable $day, float $latitude): ?string
    {
        $season = self::propose($day, $latitude);
        $isCold = abs($latitude) >= self::ICE_FROM;

        return match (true) {
            $isCold && Season::Winter === $season, $isCold && Season::LateWinter === $season => 'Ice is likely: no ice is safe to trust, '
                .'and boats stay ashore. Seasons may be closed; check local rules.',
            Season::EarlySpring === $season, Season::Spring === $season => 'Bass seasons may be closed for the spawn; check local rules.',
            default => null,
        };
    }

    private static function dayOfYear(\DateTimeImmutable $day, float $latitude): int
    {
        $date = 1 + (int) $day->format('z');

        return $latitude < 0 ? 1 + ($date + self::HALF_A_YEAR - 1) % self::DAYS_OF_YEAR : $date;
    }
}
