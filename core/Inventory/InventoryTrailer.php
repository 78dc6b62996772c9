<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Lure\AccentShare;
use Kontrast\Lure\BellyShape;
use Kontrast\Lure\Colour;
use Kontrast\Lure\ColourLayout;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Rig;
use Kontrast\Lure\Surface;
use Kontrast\Lure\Trailer;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\PartPlace;
use Kontrast\Measure\Length;

/** A soft plastic to thread on behind the skirt. */
final readonly class InventoryTrailer implements InventoryPart
{
    /**
     * @param list<PartColour> $accents
     * @param list<PartColour> $belly   under the back; empty where it is not split
     */
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
        public array $belly = [],
        public BellyShape $bellyShape = BellyShape::Any,
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
            self::words($this->accents),
            $this->surface,
            $this->see(),
            self::words($this->belly),
            Rig::usualFor($this->style),
            $this->bellyShape,
            $this->accentShare,
            $this->layout,
        );
    }

    /** @return non-empty-list<OpticalPart> base, then accents, then belly */
    public function parts(): array
    {
        return [
            $this->base->part('trailer.0', $this->opacity)->at(PartPlace::Trailer),
            ...$this->all('trailer', $this->accents, PartPlace::Trailer, 1),
            ...$this->all('trailer.belly', $this->belly, PartPlace::TrailerBelly, 0),
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
