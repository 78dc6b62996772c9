<?php

declare(strict_types=1);

namespace Kontrast\Lure;

use Kontrast\Measure\Length;

/** The soft plastic on the hook. */
final readonly class Trailer
{
    /** Null where there are no accents. */
    public ?AccentShare $accentShare;
    public ColourLayout $layout;

    /**
     * @param list<Colour>      $accents
     * @param list<Colour>      $belly       empty where it is one colour from back to belly
     * @param AccentShare|null  $accentShare null for what is usual
     * @param ColourLayout|null $layout      null for what is usual
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
        ?AccentShare $accentShare = null,
        ?ColourLayout $layout = null,
    ) {
        $this->accentShare = $accentShare ?? AccentShare::usual($base, $accents);
        $this->layout = $layout ?? ColourLayout::usual($belly);
    }
}
