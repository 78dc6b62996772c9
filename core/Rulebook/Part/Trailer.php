<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Part;

use Kontrast\Lure\Opacity;
use Kontrast\Lure\Surface;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Measure\Length;
use Kontrast\Reading\Colour;
use Kontrast\Rulebook\Pick;
use Kontrast\Rulebook\Situation;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Value;

/** What a rule says of the trailer. Accents named with a base hold only where that base wins. */
final readonly class Trailer extends Part
{
    public static function of(Colour $base): self
    {
        return (new self())->says(Slot::TrailerBase, $base);
    }

    public static function any(): self
    {
        return new self();
    }

    public static function fitted(bool $fitted = true): self
    {
        return (new self())->says(Slot::TrailerFitted, $fitted);
    }

    /** The skirt's base and its accents. */
    public static function likeTheSkirt(): self
    {
        $base = Pick::same(Slot::TrailerBase, Slot::SkirtBase);

        return (new self())->and($base, Pick::same(Slot::TrailerAccents, Slot::SkirtAccents)->beside($base));
    }

    /** The skirt's base colour, accents left open. */
    public static function inTheSkirtsBase(): self
    {
        return (new self())->and(Pick::same(Slot::TrailerBase, Slot::SkirtBase));
    }

    /** As long as the forage, to the half inch, within what is poured. */
    public static function asLongAsTheForage(): self
    {
        $values = static function (Situation $situation): array {
            $forage = $situation->reading->forageLength;

            return null === $forage ? [] : [
                Value::of($forage->clamped(Length::inches(2.5), Length::inches(5))->roundedTo(Length::inches(0.5))),
            ];
        };

        return (new self())->and(Pick::computed(Slot::TrailerLength, 'as long as the forage', 'forage_in', $values));
    }

    public function accent(Colour ...$colours): self
    {
        return $this->andAccents(Slot::TrailerAccents, Slot::TrailerBase, ...$colours);
    }

    public function style(TrailerStyle $style): self
    {
        return $this->says(Slot::TrailerStyle, $style);
    }

    public function length(Length $length): self
    {
        return $this->says(Slot::TrailerLength, $length);
    }

    public function surface(Surface $surface): self
    {
        return $this->says(Slot::TrailerSurface, $surface);
    }

    public function opacity(Opacity $opacity): self
    {
        return $this->says(Slot::TrailerOpacity, $opacity);
    }
}
