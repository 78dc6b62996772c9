<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** The outline of a blade: round, round and deep-cupped, between, long, or the plate of a bladed jig. */
enum BladeShape: string
{
    use HasLabel;

    case Colorado = 'colorado';
    case DeepColorado = 'deep_colorado';
    case Indiana = 'indiana';
    case Willow = 'willow';
    case BladedJig = 'bladed_jig';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::DeepColorado->value => 'deep-cup Colorado',
            self::Colorado->value => 'Colorado',
            self::Indiana->value => 'Indiana',
        ];
    }
}
