<?php

declare(strict_types=1);

namespace App\Contract\Reader;

/** A document that says how long its lists may be, so that one far too long is refused before it is read. */
interface LimitsLists
{
    /** @return array<string, int> most entries by field */
    public static function limits(): array;
}
