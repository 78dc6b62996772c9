<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\Srgb;

/** One light as it is put on a screen, for each eye that looks at it. */
final readonly class Shown
{
    public function __construct(public Srgb $person, public Srgb $camera, public Srgb $bass, public Srgb $bassExposed)
    {
    }
}
