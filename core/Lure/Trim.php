<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** Where skirt strands end. */
enum Trim: string
{
    case HookBend = 'hook_bend';
    case LongTail = 'long_tail';
}
