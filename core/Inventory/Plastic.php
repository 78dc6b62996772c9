<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Lure\HasLabel;

/** What a trailer is poured of. */
enum Plastic: string
{
    use HasLabel;

    case Soft = 'soft';
    /** TPE: melts together with other soft plastics (T10). */
    case Stretchy = 'stretchy';
}
