<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/**
 * How loudly a rule speaks. One special rule outvotes two usual ones, a ruling outvotes any crowd:
 * the distances are what makes that so. (Chosen.)
 */
enum Rank: int
{
    /** Speaks where nobody else does. */
    case Fallback = 1;
    /** A habit of the trade. */
    case Usual = 4;
    /** A habit for a water, a season or a lure named exactly. */
    case Special = 12;
    /** Never outvoted: safety, or a part that cannot be. */
    case Ruling = 100;
}
