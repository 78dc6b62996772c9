<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** What the lure is worked around. */
enum Cover: string
{
    use HasLabel;

    case Open = 'open';
    case Grass = 'grass';
    case Wood = 'wood';
    case Rock = 'rock';
    case Dock = 'dock';
    case Pads = 'pads';
    case FloodedBrush = 'flooded_brush';
}
