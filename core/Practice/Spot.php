<?php

declare(strict_types=1);

namespace Kontrast\Practice;

/** What can be pointed at where something is wrong. */
enum Spot: string
{
    case Head = 'head';
    case Blade = 'blade';
    case Skirt = 'skirt';
    case Trailer = 'trailer';
    case TrailerHook = 'trailer_hook';
    /** The trailers that lie in one box. */
    case Box = 'box';
    /** Who goes out, and in what. */
    case Aboard = 'aboard';
}
