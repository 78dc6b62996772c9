<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Lure\HasLabel;

/** What is noted while fishing. A fish is noted once, by how it ended. */
enum EventKind: string
{
    use HasLabel;

    case Follow = 'follow';
    case Bite = 'bite';
    case Lost = 'lost';
    case Landed = 'landed';
    case LureLost = 'lure_lost';
    case TrailerTorn = 'trailer_torn';
    case CollarSplit = 'collar_split';

    /** Whether a fish took the lure: felt only, hooked and lost, or landed. */
    public function isBite(): bool
    {
        return \in_array($this, [self::Bite, self::Lost, self::Landed], true);
    }

    /** Whether it uses something up (L8). */
    public function isWear(): bool
    {
        return \in_array($this, [self::LureLost, self::TrailerTorn, self::CollarSplit], true);
    }
}
