<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Inventory\CompositionDocument;
use App\Contract\Reading\ObservedReadingDocument;
use App\Persistence\Entity\Water;
use Kontrast\Logbook\StintLevels;
use Kontrast\Reading\SeasonCalendar;
use Kontrast\Rulebook\Engine;
use Kontrast\Sun\SunPosition;

/** What a stint is counted under, from the documents it is noted with. */
final class CountedUnder
{
    public static function derive(
        CompositionDocument $build,
        ObservedReadingDocument $reading,
        \DateTimeImmutable $startedAt,
        ?Water $water,
        Engine $engine,
    ): StintLevels {
        $place = $water?->place();

        return StintLevels::of(
            $build->toComposition()->inWords(),
            $reading->seenWith($build->lure, SeasonCalendar::propose($startedAt, $place?->latitude)),
            null === $place ? $reading->sun_elevation_deg : SunPosition::height($place, $startedAt),
            $engine,
        );
    }
}
