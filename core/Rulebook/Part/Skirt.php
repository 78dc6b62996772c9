<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Part;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\SkirtForm;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Strands;
use Kontrast\Rulebook\Slot;

/** What a rule says of the skirt. Accents named with a base hold only where that base wins. */
final readonly class Skirt extends Part
{
    public static function of(Colour $base): self
    {
        return (new self())->says(Slot::SkirtBase, $base);
    }

    public static function any(): self
    {
        return new self();
    }

    public static function form(SkirtForm $form): self
    {
        return (new self())->says(Slot::SkirtForm, $form);
    }

    public function accent(Colour ...$colours): self
    {
        return $this->andAccents(Slot::SkirtAccents, Slot::SkirtBase, ...$colours);
    }

    public function opacity(Opacity $opacity): self
    {
        return $this->says(Slot::SkirtOpacity, $opacity);
    }

    public function material(SkirtMaterial $material): self
    {
        return $this->says(Slot::SkirtMaterial, $material);
    }

    /** Split: these colors under the back. */
    public function over(Colour ...$belly): self
    {
        return $this->andAccents(Slot::SkirtBelly, Slot::SkirtBase, ...$belly);
    }

    public function strands(Strands $strands): self
    {
        return $this->says(Slot::SkirtStrands, $strands);
    }
}
