<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Part;

use Kontrast\Lure\Colour;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\WeightRange;
use Kontrast\Measure\Weight;
use Kontrast\Rulebook\Pick;
use Kontrast\Rulebook\Slot;

/** What a rule says of the head. */
final readonly class Head extends Part
{
    public static function ounces(float $ounces): self
    {
        return (new self())->says(Slot::Weight, Weight::ounces($ounces));
    }

    public static function colour(Colour $colour): self
    {
        return (new self())->says(Slot::HeadColour, $colour);
    }

    public static function any(): self
    {
        return new self();
    }

    public static function likeTheSkirt(): self
    {
        return (new self())->and(Pick::same(Slot::HeadColour, Slot::SkirtBase));
    }

    public static function likeTheTrailer(): self
    {
        return (new self())->and(Pick::same(Slot::HeadColour, Slot::TrailerBase));
    }

    public static function material(HeadMaterial $material): self
    {
        return (new self())->says(Slot::HeadMaterial, $material);
    }

    public static function range(float $least, float $most): self
    {
        return (new self())->says(Slot::WeightRange, WeightRange::ounces($least, $most));
    }

    public function over(Colour $belly): self
    {
        return $this->andAccents(Slot::HeadBelly, Slot::HeadColour, $belly);
    }

    public static function eye(bool $eye = true): self
    {
        return (new self())->says(Slot::HeadEye, $eye);
    }
}
