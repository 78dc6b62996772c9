<?php

declare(strict_types=1);

namespace Kontrast\Reading;

/** What the wind does to the surface. */
enum Wind: string
{
    use HasLabel;

    case Calm = 'calm';
    case Ripple = 'ripple';
    case Chop = 'chop';
}
