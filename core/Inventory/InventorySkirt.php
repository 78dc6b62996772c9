<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Lure\Opacity;
use Kontrast\Lure\Skirt;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Trim;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\PartPlace;

/** A skirt: a base colour, accents among its strands, and how it is cut. */
final readonly class InventorySkirt implements InventoryPart
{
    /** @param list<PartColour> $accents */
    public function __construct(
        public string $id,
        public string $name,
        public PartColour $base,
        public array $accents,
        public float $opacity,
        public SkirtMaterial $material,
        public Trim $trim,
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

    /** The same skirt cut back to the bend of the hook; null where it is already. */
    public function trimmed(): ?self
    {
        return Trim::HookBend === $this->trim ? null : new self(
            $this->id,
            $this->name,
            $this->base,
            $this->accents,
            $this->opacity,
            $this->material,
            Trim::HookBend,
        );
    }

    public function see(): Opacity
    {
        return Opacity::of($this->opacity);
    }

    public function inWords(): Skirt
    {
        return new Skirt(
            NearestColour::nearest($this->base->colour),
            array_map(static fn (PartColour $partColour) => NearestColour::nearest($partColour->colour), $this->accents),
            $this->see(),
            $this->material,
            $this->trim,
        );
    }

    /** @return non-empty-list<OpticalPart> base, then accents */
    public function parts(): array
    {
        return array_map(
            fn (int $i, PartColour $colour): OpticalPart => $colour->part("skirt.$i", $this->opacity)->at(PartPlace::Skirt, $i),
            range(0, \count($this->accents)),
            [$this->base, ...$this->accents],
        );
    }
}
