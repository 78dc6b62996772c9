<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** The form of a head. */
enum HeadForm: string
{
    use HasLabel;

    case Ball = 'ball';
    case Arrow = 'arrow';
    case Football = 'football';
    case Bullet = 'bullet';
    case Flat = 'flat';
}
