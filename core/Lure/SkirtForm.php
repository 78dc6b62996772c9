<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** Whether there is a skirt, and how it is cut. */
enum SkirtForm: string
{
    case Trimmed = 'trimmed';
    case LongTail = 'long_tail';
    case None = 'none';
}
