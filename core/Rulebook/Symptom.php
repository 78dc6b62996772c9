<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\HasLabel;

/** What goes wrong on the water (L7). */
enum Symptom: string
{
    use HasLabel;

    case Follows = 'follows';
    case Misses = 'misses';
    case NoHookup = 'no_hookup';
    case PullsOff = 'pulls_off';
    case Rolls = 'rolls';
    case Snags = 'snags';
    case Slides = 'slides';
    case TooDeep = 'too_deep';
    case TooHigh = 'too_high';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::Follows->value => 'They follow but won’t bite',
            self::Misses->value => 'Strikes that miss',
            self::NoHookup->value => 'Hits without hookups',
            self::PullsOff->value => 'Fish pull off at the hookset',
            self::Rolls->value => 'The lure rolls over',
            self::Snags->value => 'It snags',
            self::Slides->value => 'The trailer slides or tears',
            self::TooDeep->value => 'It runs too deep',
            self::TooHigh->value => 'It runs too high',
        ];
    }
}
