<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Lure\AccentShare;
use Kontrast\Lure\Colour;
use Kontrast\Lure\ColourLayout;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Skirt;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Strands;
use Kontrast\Lure\Trim;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\PartPlace;

/** A skirt: a base colour, accents among its strands, and how it is cut. */
final readonly class InventorySkirt implements InventoryPart
{
    /**
     * @param list<PartColour> $accents
     * @param list<PartColour> $belly   under the back; empty where it is not split
     */
    public function __construct(
        public string $id,
        public string $name,
        public PartColour $base,
        public array $accents,
        public float $opacity,
        public SkirtMaterial $material,
        public Trim $trim,
        public array $belly = [],
        public Strands $strands = Strands::Solid,
        public ?AccentShare $accentShare = null,
        public ?ColourLayout $layout = null,
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
            $this->belly,
            $this->strands,
            $this->accentShare,
            $this->layout,
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
            self::words($this->accents),
            $this->see(),
            $this->material,
            $this->trim,
            self::words($this->belly),
            $this->strands,
            $this->accentShare,
            $this->layout,
        );
    }

    /** @return non-empty-list<OpticalPart> base, then accents, then belly */
    public function parts(): array
    {
        return [
            $this->base->part('skirt.0', $this->opacity)->at(PartPlace::Skirt),
            ...$this->all('skirt', $this->accents, PartPlace::Skirt, 1),
            ...$this->all('skirt.belly', $this->belly, PartPlace::SkirtBelly, 0),
        ];
    }

    /**
     * @param list<PartColour> $colours
     *
     * @return list<OpticalPart>
     */
    private function all(string $id, array $colours, PartPlace $place, int $first): array
    {
        return array_map(
            fn (int $i, PartColour $colour): OpticalPart => $colour->part($id.'.'.($i + $first), $this->opacity)->at($place, $i + $first),
            array_keys($colours),
            $colours,
        );
    }

    /**
     * @param list<PartColour> $colours
     *
     * @return list<Colour>
     */
    private static function words(array $colours): array
    {
        return array_map(static fn (PartColour $colour): Colour => NearestColour::nearest($colour->colour), $colours);
    }
}
