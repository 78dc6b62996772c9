<?php

declare(strict_types=1);

namespace App\Contract\Reader;

/** Limits of what is read that belong to no field in particular. */
final class Bounds
{
    /** Moments are kept from and to these years. (Chosen.) */
    public const FIRST_YEAR = 1900;
    public const LAST_YEAR = 2200;
    /** Levels of nesting in JSON. */
    public const MOST_DEPTH = 64;
}
