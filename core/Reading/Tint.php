<?php

declare(strict_types=1);

namespace Kontrast\Reading;

/** What stains the water: nothing, living green, tea (dissolved leaves) or suspended clay. */
enum Tint: string
{
    case None = 'none';
    case Green = 'green';
    case Tannic = 'tannic';
    case Clay = 'clay';
}
