<?php

declare(strict_types=1);

namespace Kontrast\Lure;

use Kontrast\Reading\Colour;

/** The skirt: a base colour and up to three accents among its strands. */
final readonly class Skirt
{
    /** @param list<Colour> $accents */
    public function __construct(
        public Colour $base,
        public array $accents,
        public Opacity $opacity,
        public SkirtMaterial $material,
        public Trim $trim,
    ) {
    }
}
