<?php

declare(strict_types=1);

namespace Kontrast\Water;

/** Where the fish looks from: level with the lure, or up at it from below. */
enum Direction: string
{
    case Side = 'side';
    case Below = 'below';
}
