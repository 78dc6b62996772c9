<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** Whether there is a skirt, and how it is cut. */
enum SkirtForm: string
{
    use HasLabel;

    case Trimmed = 'trimmed';
    case LongTail = 'long_tail';
    case None = 'none';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::LongTail->value => 'long tail, left uncut',
        ];
    }
}
