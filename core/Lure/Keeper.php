<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** What holds a trailer on a head. */
enum Keeper: string
{
    use HasLabel;

    case Barb = 'barb';
    case MultiBarb = 'multi_barb';
    case ScrewLock = 'screw_lock';
}
