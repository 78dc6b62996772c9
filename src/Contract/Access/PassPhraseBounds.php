<?php

declare(strict_types=1);

namespace App\Contract\Access;

/** How long a pass phrase is, in characters (OWASP ASVS 4.0.3, 2.1.1 and 2.1.2, from memory). */
final class PassPhraseBounds
{
    public const LEAST = 12;
    public const MOST = 128;
}
