<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** How fast a lure is worked. */
enum Pace: string
{
    use HasLabel;

    case Slow = 'slow';
    case Medium = 'medium';
    case Fast = 'fast';
}
