<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** What may happen on the water that calls for another pick. */
enum Occasion: string
{
    case NotTaking = 'not_taking';
    case SunGoes = 'sun_goes';
    case SunComes = 'sun_comes';
    case Clearing = 'clearing';
    case Dirtying = 'dirtying';
}
