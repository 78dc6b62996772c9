<?php

declare(strict_types=1);

namespace App\Http;

/** Lifts the limit of time for work that takes long by its nature. All other requests keep theirs. */
final class LongWork
{
    public static function begin(): void
    {
        set_time_limit(0);
    }
}
