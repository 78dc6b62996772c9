<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Lure\HasLabel;

/** Who fished: what the partner in the boat caught is evidence too (L8). */
enum Angler: string
{
    use HasLabel;

    case Me = 'me';
    case Partner = 'partner';
}
