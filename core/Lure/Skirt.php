<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** The skirt: a base colour with accents among its strands; where it is split, a belly of other colours under that back. */
final readonly class Skirt
{
    /** Null where there are no accents. */
    public ?AccentShare $accentShare;
    public ColourLayout $layout;

    /**
     * @param list<Colour>      $accents
     * @param list<Colour>      $belly       empty where the strands are mixed
     * @param AccentShare|null  $accentShare null for what is usual
     * @param ColourLayout|null $layout      null for what is usual
     */
    public function __construct(
        public Colour $base,
        public array $accents,
        public Opacity $opacity,
        public SkirtMaterial $material,
        public Trim $trim,
        public array $belly = [],
        public Strands $strands = Strands::Solid,
        ?AccentShare $accentShare = null,
        ?ColourLayout $layout = null,
    ) {
        $this->accentShare = $accentShare ?? AccentShare::usual($base, $accents);
        $this->layout = $layout ?? ColourLayout::usual($belly);
    }
}
