<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** The arm of a spinnerbait: long for winding, short for dropping. */
enum Arm: string
{
    use HasLabel;

    case Long = 'long';
    case Short = 'short';
}
