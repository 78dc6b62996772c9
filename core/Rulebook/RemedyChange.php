<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\HasLabel;

/** What a remedy changes, so that nothing has to be read out of its sentence. */
enum RemedyChange: string
{
    use HasLabel;

    case Trailer = 'trailer';
    case Blade = 'blade';
    case Head = 'head';
    case Skirt = 'skirt';
    case Hook = 'trailer_hook';
    case Lure = 'lure';
    case Tackle = 'tackle';
    case Retrieve = 'retrieve';
}
