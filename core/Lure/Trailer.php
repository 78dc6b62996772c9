<?php

declare(strict_types=1);

namespace Kontrast\Lure;

use Kontrast\Measure\Length;

/** The soft plastic on the hook. */
final readonly class Trailer
{
    /**
     * @param list<Colour> $accents
     * @param list<Colour>     $belly       empty where it is one colour from back to belly
     * @param AccentShare|null $accentShare null where there are no accents
     */
    public function __construct(
        public TrailerStyle $style,
        public Length $length,
        public Colour $base,
        public array $accents,
        public Surface $surface,
        public Opacity $opacity,
        public array $belly = [],
        public Rig $rig = Rig::Upright,
        public BellyShape $bellyShape = BellyShape::Any,
        public ?AccentShare $accentShare = null,
        public ColourLayout $layout = ColourLayout::Mixed,
    ) {
    }
}
