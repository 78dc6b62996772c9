<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** What a line is made of. */
enum Line: string
{
    use HasLabel;

    case Fluorocarbon = 'fluorocarbon';
    case Monofilament = 'monofilament';
    case Braid = 'braid';
}
