<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Lure\HasLabel;

/** What an owned part is. The last five only hold a lure together; nothing about them is judged by eye. */
enum PartKind: string
{
    use HasLabel;

    case Head = 'head';
    case Blade = 'blade';
    case Skirt = 'skirt';
    case Trailer = 'trailer';
    case Hook = 'hook';
    case Bead = 'bead';
    case Clevis = 'clevis';
    case Spacer = 'spacer';
    case Swivel = 'swivel';
    case Collar = 'collar';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [self::Hook->value => 'trailer hook', self::Collar->value => 'cable tie'];
    }
}
