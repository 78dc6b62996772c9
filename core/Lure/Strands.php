<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** How the strands of a skirt are coloured along their length. */
enum Strands: string
{
    use HasLabel;

    case Solid = 'solid';
    case Barred = 'barred';
    case Scaled = 'scaled';
}
