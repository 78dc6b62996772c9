<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** The underside of a trailer: flat skips, wide keeps the lure upright. */
enum BellyShape: string
{
    use HasLabel;

    case Any = 'any';
    case Flat = 'flat';
    case Wide = 'wide';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::Any->value => 'any belly',
            self::Flat->value => 'flat belly',
            self::Wide->value => 'wide belly',
        ];
    }
}
