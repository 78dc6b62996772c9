<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** The angler’s seasons, two of them for the turn out of winter. */
enum Season: string
{
    use HasLabel;

    case LateWinter = 'late_winter';
    case EarlySpring = 'early_spring';
    case Spring = 'spring';
    case Summer = 'summer';
    case Fall = 'fall';
    case Winter = 'winter';
}
