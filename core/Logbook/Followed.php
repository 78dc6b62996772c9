<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Lure\Build;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Assembly;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Firmness;
use Kontrast\Rulebook\Slot;

/** In which picks a lure is what is advised on a reading. */
final class Followed
{
    /** A lure is as advised although so many of them are others: who ties from a box seldom has every part. (Chosen.) */
    private const MOST_OTHERS = 1;

    /** @param int $picks that a lure follows */
    public static function isAsAdvised(int $picks): bool
    {
        return $picks >= \count(Slot::SEEN) - self::MOST_OTHERS;
    }

    /** @return list<string> the picks that are looked at, as documents say them */
    public static function words(): array
    {
        return array_map(static fn (Slot $slot): string => $slot->value, Slot::SEEN);
    }

    /** @return array<string, string> by pick, what it is called */
    public static function labels(): array
    {
        return array_combine(self::words(), array_map(static fn (Slot $slot): string => self::factor($slot)->label(), Slot::SEEN));
    }

    /** @return list<Slot> those it shares with the advice; of a toss-up either will do */
    public static function picks(Build $build, Reading $reading, Engine $engine): array
    {
        $assembly = new Assembly($engine->decide($reading->with(lure: $build->kind)));
        $advised = StintLevels::looks($assembly->build());
        $tied = StintLevels::looks($build);

        return array_values(array_filter(Slot::SEEN, static function (Slot $slot) use ($assembly, $advised, $tied): bool {
            $factor = self::factor($slot)->value;
            $tally = $assembly->decision->on($slot);

            return $tied[$factor] === $advised[$factor]
                || (Firmness::TossUp === $tally?->firmness() && $tied[$factor] === $tally->second()?->key);
        }));
    }

    private static function factor(Slot $slot): Factor
    {
        return match ($slot) {
            Slot::Finish => Factor::Finish,
            Slot::SkirtBase => Factor::Skirt,
            Slot::TrailerStyle => Factor::Style,
            Slot::TrailerBase => Factor::Trailer,
            default => throw new \LogicException("$slot->value is not looked at."),
        };
    }
}
