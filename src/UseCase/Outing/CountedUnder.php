<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Inventory\CompositionDocument;
use App\Contract\Reading\ObservedReadingDocument;
use App\Persistence\Entity\Water;
use Kontrast\Logbook\Followed;
use Kontrast\Logbook\SeenWater;
use Kontrast\Logbook\StintLevels;
use Kontrast\Reading\SeasonCalendar;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Slot;
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
            self::seen($build, $reading, $startedAt, $water),
            null === $place ? $reading->sun_elevation_deg : SunPosition::height($place, $startedAt),
            $engine,
        );
    }

    /** @return list<string>|null the picks of the advice that it follows; null where too little of the water was seen for one */
    public static function followed(
        CompositionDocument $build,
        ObservedReadingDocument $reading,
        \DateTimeImmutable $startedAt,
        ?Water $water,
        Engine $engine,
    ): ?array {
        $whole = self::seen($build, $reading, $startedAt, $water)->whole;

        return null === $whole ? null : array_map(
            static fn (Slot $slot): string => $slot->value,
            Followed::picks($build->toComposition()->inWords(), $whole, $engine),
        );
    }

    private static function seen(
        CompositionDocument $build,
        ObservedReadingDocument $reading,
        \DateTimeImmutable $startedAt,
        ?Water $water,
    ): SeenWater {
        return $reading->seenWith($build->lure, SeasonCalendar::propose($startedAt, $water?->place()?->latitude));
    }
}
