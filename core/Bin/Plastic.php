<?php

declare(strict_types=1);

namespace Kontrast\Bin;

/** What a trailer is poured of. */
enum Plastic: string
{
    case Soft = 'soft';
    /** TPE: melts together with other soft plastics (T10). */
    case Stretchy = 'stretchy';
}
