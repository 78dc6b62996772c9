<?php

declare(strict_types=1);

namespace Kontrast\Bin;

use Kontrast\Lure\Opacity;
use Kontrast\Lure\Surface;
use Kontrast\Lure\Trailer;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Material\Part;
use Kontrast\Measure\Length;

/** A soft plastic to thread on behind the skirt. */
final readonly class OwnedTrailer implements Owned
{
    /** @param list<Dye> $accents */
    public function __construct(
        public string $id,
        public string $name,
        public TrailerStyle $style,
        public Length $length,
        public Dye $base,
        public array $accents,
        public float $opacity,
        public Surface $surface,
        public Plastic $plastic = Plastic::Soft,
    ) {
    }

    public function id(): string
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function see(): Opacity
    {
        return Opacity::of($this->opacity);
    }

    public function inWords(): Trailer
    {
        return new Trailer($this->style, $this->length, ColourWords::nearest($this->base->colour), array_map(static fn (Dye $dye) => ColourWords::nearest($dye->colour), $this->accents), $this->surface, $this->see());
    }

    /** @return non-empty-list<Part> base, then accents */
    public function parts(): array
    {
        return array_map(fn (int $i, Dye $dye): Part => $dye->part("trailer.$i", $this->opacity), range(0, \count($this->accents)), [$this->base, ...$this->accents]);
    }
}
