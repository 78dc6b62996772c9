<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\LureSet;

/**
 * What the set rules out, once it is settled: the blade and the skirt are chosen among what is left (M1 to M5). A value that is ruled out
 * may still have been voted for, and is then told as the runner-up.
 */
final class SetLimits
{
    /** @return list<Slot> the earlier answers that limit a question */
    public static function on(Slot $slot): array
    {
        return match ($slot) {
            Slot::Finish, Slot::FrontFinish => [Slot::Set],
            Slot::SkirtBase => [Slot::Set, Slot::Finish],
            default => [],
        };
    }

    public static function allows(Slot $slot, Value $value, Situation $situation): bool
    {
        $set = ($situation->settled(Slot::Set)[0] ?? null)?->of;

        return match (true) {
            !$set instanceof LureSet => true,
            $value->of instanceof Finish => $set->allows($value->of),
            $value->of instanceof Colour && Slot::SkirtBase === $slot => self::allowsSkirt($value->of, $set, $situation),
            default => true,
        };
    }

    /** A dark set has a black skirt (M2), and a green pumpkin blade never goes with one (M5). */
    private static function allowsSkirt(Colour $colour, LureSet $set, Situation $situation): bool
    {
        $finish = ($situation->settled(Slot::Finish)[0] ?? null)?->of;

        return match (true) {
            LureSet::Dark === $set => Colour::Black === $colour,
            Finish::GreenPumpkin === $finish => Colour::Black !== $colour,
            default => true,
        };
    }
}
