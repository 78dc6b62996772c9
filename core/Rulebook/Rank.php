<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/**
 * How much a rule's vote counts. One special rule outvotes any few usual ones, one deciding rule any few special ones, and a ruling
 * outvotes any crowd: the distances are what makes that so. (Chosen.).
 */
enum Rank: int
{
    /** What the angler does not believe: it answers only where otherwise nothing at all would be said. */
    case Doubted = 0;
    /** Speaks where nobody else does. */
    case Fallback = 1;
    /** A habit of the trade. */
    case Usual = 4;
    /** What the angler's own notes show: more than any few habits, less than a special rule. */
    case Noted = 16;
    /** A habit for a water, a season or a lure named exactly. */
    case Special = 24;
    /** What wins where facts meet (X2, X3, X10): outvotes any few special rules. */
    case Deciding = 120;
    /** Never outvoted: safety, or a part that cannot be. */
    case Ruling = 800;

    /** Whether an angler who does not believe such a rule may do without it. */
    public function canBeDoubted(): bool
    {
        return self::Ruling !== $this && self::Fallback !== $this;
    }
}
