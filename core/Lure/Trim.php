<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** Where skirt strands end. */
enum Trim: string
{
    use HasLabel;

    case HookBend = 'hook_bend';
    case LongTail = 'long_tail';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::HookBend->value => 'to the hook bend',
            self::LongTail->value => 'long tail, left uncut',
        ];
    }
}
