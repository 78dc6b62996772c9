<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** What the skin of a trailer does with light. */
enum Surface: string
{
    use HasLabel;

    case Matte = 'matte';
    case Flake = 'flake';
}
