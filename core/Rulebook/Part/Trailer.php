<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Part;

use Kontrast\Lure\BellyShape;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Rig;
use Kontrast\Lure\Surface;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Measure\Length;
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

    /** The skirt's base, its accents and its belly. */
    public static function likeTheSkirt(): self
    {
        $base = Pick::same(Slot::TrailerBase, Slot::SkirtBase);

        return (new self())->and(
            $base,
            Pick::same(Slot::TrailerAccents, Slot::SkirtAccents)->beside($base),
            Pick::same(Slot::TrailerBelly, Slot::SkirtBelly)->beside($base),
        );
    }

    /** The skirt's base colour, accents left open. */
    public static function inTheSkirtsBase(): self
    {
        return (new self())->and(Pick::same(Slot::TrailerBase, Slot::SkirtBase));
    }

    /** As long as the forage, in steps as trailers are made. */
    public static function asLongAsTheForage(Length $shortest, Length $longest, Length $step): self
    {
        $values = static function (Situation $situation) use ($shortest, $longest, $step): array {
            $forage = $situation->reading->forageLength;

            return null === $forage ? [] : [Value::of($forage->clamped($shortest, $longest)->roundedTo($step))];
        };

        return (new self())->and(Pick::computed(Slot::TrailerLength, 'as long as the forage', ['forage_in'], $values));
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

    public function over(Colour ...$belly): self
    {
        return $this->andAccents(Slot::TrailerBelly, Slot::TrailerBase, ...$belly);
    }

    public function rig(Rig $rig): self
    {
        return $this->says(Slot::TrailerRig, $rig);
    }

    public function bellyShape(BellyShape $shape): self
    {
        return $this->says(Slot::TrailerBellyShape, $shape);
    }
}
