<?php

declare(strict_types=1);

namespace Tests\core\Logbook;

use Kontrast\Logbook\FishedStint;
use Kontrast\Statistics\CountCells;

/** Stints made up for a test: an hour each unless told otherwise. */
final class Notes
{
    /**
     * @param array<string, string>       $levels
     * @param array<string, list<string>> $schools
     */
    public static function stint(
        int $bites,
        array $levels = [],
        string $day = 'a day',
        ?string $stratum = 'stained tannic bright spring',
        array $schools = [],
        float $hours = 1.0,
        int $fish = 0,
        ?bool $isAdvised = null,
    ): FishedStint {
        $start = 9 * 3600;
        $end = $start + (int) round(3600 * $hours);
        $times = [];
        for ($i = 0; $i < $bites; ++$i) {
            $times[] = $start + intdiv(($end - $start) * $i, max(1, $bites));
        }
        $key = json_encode([$levels, $stratum, $schools], \JSON_THROW_ON_ERROR);

        $uneven = CountCells::uneven($start, $end, $times);

        return new FishedStint(
            $key,
            $day,
            $start,
            $end,
            $levels,
            $stratum,
            $schools,
            $times,
            \array_slice($times, 0, $fish),
            $uneven,
            isAdvised: $isAdvised,
        );
    }
}
