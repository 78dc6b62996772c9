<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** What the sentence of a rule says of the lure beside what the rule picks; where the lure turns out otherwise, it is no reason. */
enum Claim
{
    /** One color, nothing else in it. */
    case PlainSkirt;
    case PlainTrailer;
    /** More than one color. */
    case AccentedSkirt;

    public function isBorneOut(Assembly $lure): bool
    {
        $has = static fn (Slot ...$slots): bool => [] !== array_merge(...array_map($lure->keys(...), $slots));

        return match ($this) {
            self::PlainSkirt => !$has(Slot::SkirtAccents, Slot::SkirtBelly),
            self::PlainTrailer => !$has(Slot::TrailerAccents, Slot::TrailerBelly),
            self::AccentedSkirt => $has(Slot::SkirtAccents, Slot::SkirtBelly),
        };
    }
}
