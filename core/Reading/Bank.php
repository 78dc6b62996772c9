<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** The kind of place a lure was fished at: fish bunch by it, and the log counts them (L10). */
enum Bank: string
{
    use HasLabel;

    case Straight = 'straight';
    case Point = 'point';
    case Pocket = 'pocket';
    case Dock = 'dock';
    case Steep = 'steep';
    case Flat = 'flat';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::Straight->value => 'straight bank',
            self::Steep->value => 'steep bank',
        ];
    }
}
