<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** What the bass are eating. */
enum Forage: string
{
    use HasLabel;

    case Shad = 'shad';
    case Bluegill = 'bluegill';
    case Crawfish = 'crawfish';
    case Perch = 'perch';
    case GoldenShiner = 'golden_shiner';
    case Crappie = 'crappie';
    /** Not known yet: nothing was seen, or it changes by the hour. */
    case Unknown = 'unknown';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [self::Unknown->value => 'not known yet'];
    }
}
