<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** How many blades a spinnerbait carries. */
enum BladeLayout: string
{
    use HasLabel;

    case Single = 'single';
    case Tandem = 'tandem';
}
