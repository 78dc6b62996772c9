<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** How thick the cover stands. */
enum CoverDensity: string
{
    use HasLabel;

    case Sparse = 'sparse';
    case Normal = 'normal';
    case Heavy = 'heavy';
}
