<?php

declare(strict_types=1);

namespace Kontrast\Practice;

use Kontrast\Measure\Temperature;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Season;

/** Season and water temperature of a made-up reading, so that they go together. */
final class Plausible
{
    /** What the surface has in each season in a northern state, °F, from and to. (Chosen.) */
    private const SURFACE_F = [
        'late_winter' => [36.0, 48.0],
        'early_spring' => [42.0, 58.0],
        'spring' => [54.0, 72.0],
        'summer' => [68.0, 90.0],
        'fall' => [48.0, 72.0],
        'winter' => [33.0, 46.0],
    ];

    /**
     * @param bool $isSeasonFixed whether the season is what the question is about: then the temperature gives way
     */
    public static function of(Reading $reading, bool $isSeasonFixed): Reading
    {
        $surface = $reading->surface?->inFahrenheit();
        [$least, $most] = self::SURFACE_F[$reading->season->value];
        if (null === $surface || ($surface >= $least && $surface <= $most)) {
            return $reading;
        }
        if ($isSeasonFixed) {
            return $reading->with(surface: Temperature::fahrenheit($surface < $least ? $least + 2 : $most - 2));
        }
        foreach (Season::cases() as $season) {
            [$least, $most] = self::SURFACE_F[$season->value];
            if ($surface >= $least && $surface <= $most) {
                return $reading->with(season: $season);
            }
        }

        return $reading;
    }
}
