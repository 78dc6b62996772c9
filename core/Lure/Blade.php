<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** One blade of a build. A darkened blade is metal dulled by hand with a black permanent marker. */
final readonly class Blade
{
    public function __construct(
        public BladePosition $position,
        public BladeShape $shape,
        public BladeSize $size,
        public Finish $finish,
        public bool $darkened = false,
    ) {
    }
}
