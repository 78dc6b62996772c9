<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** What the fish is meant to make of the lure. */
enum Intent: string
{
    case Vanish = 'vanish';
    case PassForForage = 'pass_for_forage';
    case BeFound = 'be_found';
    case Shock = 'shock';
    case CastShadow = 'cast_shadow';
}
