<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** How willing the fish are. */
enum Bite: string
{
    use HasLabel;

    case Tough = 'tough';
    case Normal = 'normal';
    case Active = 'active';
}
