<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** What the wind does to the surface. */
enum Wind: string
{
    use HasLabel;

    case Calm = 'calm';
    case Ripple = 'ripple';
    case Chop = 'chop';
}
