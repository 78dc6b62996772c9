<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** How much a rod lifts. */
enum RodPower: string
{
    use HasLabel;

    case Medium = 'medium';
    case MediumHeavy = 'medium_heavy';
    case Heavy = 'heavy';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [self::MediumHeavy->value => 'medium-heavy'];
    }
}
