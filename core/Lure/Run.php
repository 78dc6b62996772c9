<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** Where between surface and bottom the lure is worked. */
enum Run: string
{
    use HasLabel;

    case High = 'high';
    case Mid = 'mid';
    case Low = 'low';
}
