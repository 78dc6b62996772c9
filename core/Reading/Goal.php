<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** What the day is for: as many fish as may be, or larger ones. */
enum Goal: string
{
    use HasLabel;

    case Any = 'any';
    case Numbers = 'numbers';
    case Size = 'size';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [self::Any->value => 'no preference', self::Numbers->value => 'more fish', self::Size->value => 'bigger fish'];
    }
}
