<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\Srgb;

/** One light as it is put on a screen, for each eye that looks at it. */
final readonly class Shown
{
    /** @param Srgb|null $wide for a person at a screen of a wide gamut, channels of Display P3; null where any screen shows the color */
    public function __construct(
        public Srgb $person,
        public Srgb $camera,
        public Srgb $bass,
        public Srgb $bassExposed,
        public ?Srgb $wide = null,
    ) {
    }
}
