<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** How trailer and skirt should look next to each other. */
enum Pairing: string
{
    use HasLabel;

    case Match = 'match';
    case Tonal = 'tonal';
    case Accent = 'accent';
    case Contrast = 'contrast';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [self::Tonal->value => 'close shades', self::Accent->value => 'same family with an accent'];
    }
}
