<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** The light overhead. */
enum Sky: string
{
    use HasLabel;

    case Sun = 'sun';
    case Broken = 'broken';
    case Overcast = 'overcast';
    case Rain = 'rain';
    case Storm = 'storm';
    case LowSun = 'low_sun';
    case Night = 'night';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::Broken->value => 'broken cloud',
        ];
    }
}
