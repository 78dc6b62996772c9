<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** Which bass swims there. */
enum Bass: string
{
    use HasLabel;

    case Largemouth = 'largemouth';
    case Smallmouth = 'smallmouth';
    case Spotted = 'spotted';
}
