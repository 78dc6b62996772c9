<?php

declare(strict_types=1);

namespace Kontrast\Inventory\Words;

use Kontrast\Lure\AccentShare;
use Kontrast\Lure\Colour;
use Kontrast\Lure\ColourLayout;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Strands;

/** What anglers mean by the name of a pattern: its colors and how they are laid out. */
final readonly class ColourPattern
{
    /**
     * @param list<Colour> $colours base, then accents
     * @param list<Colour> $belly
     */
    public function __construct(
        public string $name,
        public array $colours,
        public array $belly = [],
        public ?Strands $strands = null,
        public ?Opacity $opacity = null,
        public bool $isFlaked = false,
        public ?AccentShare $share = null,
    ) {
    }

    /** Whether it is no more than its colors one after the other, so that it may stand behind others. */
    public function isPlain(): bool
    {
        return \count($this->colours) < 3 && [] === $this->belly && !$this->isFlaked && null === $this->strands;
    }

    public function layout(): ColourLayout
    {
        return [] === $this->belly ? ColourLayout::Mixed : ColourLayout::Split;
    }

    /** In words: "white with black and chartreuse". */
    public function inWords(): string
    {
        return ColourWords::list($this->colours[0] ?? null, \array_slice($this->colours, 1), $this->belly);
    }
}
