<?php

declare(strict_types=1);

namespace Kontrast\Lure;

use Kontrast\Reading\HasLabel;

/** How trailer and skirt should read beside each other. */
enum Pairing: string
{
    use HasLabel;

    case Match = 'match';
    case Tonal = 'tonal';
    case Accent = 'accent';
    case Contrast = 'contrast';
}
