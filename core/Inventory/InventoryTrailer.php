<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Lure\Opacity;
use Kontrast\Lure\Surface;
use Kontrast\Lure\Trailer;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\PartPlace;
use Kontrast\Measure\Length;

/** A soft plastic to thread on behind the skirt. */
final readonly class InventoryTrailer implements InventoryPart
{
    /** @param list<PartColour> $accents */
    public function __construct(
        public string $id,
        public string $name,
        public TrailerStyle $style,
        public Length $length,
        public PartColour $base,
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
        return new Trailer(
            $this->style,
            $this->length,
            NearestColour::nearest($this->base->colour),
            array_map(static fn (PartColour $partColour) => NearestColour::nearest($partColour->colour), $this->accents),
            $this->surface,
            $this->see(),
        );
    }

    /** @return non-empty-list<OpticalPart> base, then accents */
    public function parts(): array
    {
        return array_map(
            fn (int $i, PartColour $colour): OpticalPart => $colour->part("trailer.$i", $this->opacity)->at(PartPlace::Trailer, $i),
            range(0, \count($this->accents)),
            [$this->base, ...$this->accents],
        );
    }
}
