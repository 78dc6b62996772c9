<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** D14: when a spinnerbait has a trailer. */
enum SpinnerbaitTrailerSchool: string implements School
{
    use HasLabel;

    case ColdOrDirty = 'cold_or_dirty';
    case LongTail = 'long_tail';
}
