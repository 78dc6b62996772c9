<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Part;

use Kontrast\Lure\Opacity;
use Kontrast\Lure\SkirtForm;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Reading\Colour;
use Kontrast\Rulebook\Pick;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Value;

/** What a rule says of the skirt. Accents named with a base hold only where that base wins. */
final readonly class Skirt extends Part
{
    public static function of(Colour $base): self
    {
        return (new self())->says(Slot::SkirtBase, $base);
    }

    public static function whatever(): self
    {
        return new self();
    }

    public static function form(SkirtForm $form): self
    {
        return (new self())->says(Slot::SkirtForm, $form);
    }

    public function accent(Colour ...$colours): self
    {
        $base = $this->first(Slot::SkirtBase);
        $picks = array_map(static function (Colour $colour) use ($base): Pick {
            $accent = Pick::of(Slot::SkirtAccents, Value::of($colour));

            return null === $base ? $accent : $accent->beside($base);
        }, array_values($colours));

        return $this->and(...$picks);
    }

    public function opacity(Opacity $opacity): self
    {
        return $this->says(Slot::SkirtOpacity, $opacity);
    }

    public function material(SkirtMaterial $material): self
    {
        return $this->says(Slot::SkirtMaterial, $material);
    }
}
