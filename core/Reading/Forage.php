<?php

declare(strict_types=1);

namespace Kontrast\Reading;

/** What the bass are eating. */
enum Forage: string
{
    use HasLabel;

    case Shad = 'shad';
    case Bluegill = 'bluegill';
    case Crawfish = 'crawfish';
    case Perch = 'perch';
    case GoldenShiner = 'golden_shiner';
    case Crappie = 'crappie';
}
