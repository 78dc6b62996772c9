<?php

declare(strict_types=1);

namespace Kontrast\Lure;

use Kontrast\Reading\HasLabel;

/** How many blades a spinnerbait carries. */
enum BladeLayout: string
{
    use HasLabel;

    case Single = 'single';
    case Tandem = 'tandem';
}
