<?php

declare(strict_types=1);

namespace Kontrast\Lure;

use Kontrast\Reading\HasLabel;

/** What the fish is meant to make of the lure. */
enum Intent: string
{
    use HasLabel;

    case Vanish = 'vanish';
    case PassForForage = 'pass_for_forage';
    case BeFound = 'be_found';
    case Shock = 'shock';
    case CastShadow = 'cast_shadow';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::PassForForage->value => 'pass for food',
            self::BeFound->value => 'be found',
            self::CastShadow->value => 'cast a shadow',
        ];
    }
}
