<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** What stains the water: nothing, living green, tea (dissolved leaves) or suspended clay. */
enum Tint: string
{
    use HasLabel;

    case None = 'none';
    case Green = 'green';
    case Tannic = 'tannic';
    case Clay = 'clay';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::None->value => 'no tint',
            self::Green->value => 'green water',
            self::Tannic->value => 'tea-stained water',
            self::Clay->value => 'clay-stained water',
        ];
    }
}
