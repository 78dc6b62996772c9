<?php

declare(strict_types=1);

namespace Kontrast\Reading;

/** Which bass swims there. */
enum Bass: string
{
    use HasLabel;

    case Largemouth = 'largemouth';
    case Smallmouth = 'smallmouth';
    case Spotted = 'spotted';
}
