<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Rulebook\Part\Blades;
use Kontrast\Rulebook\Part\Skirt;
use Kontrast\Rulebook\Part\Trailer;

/** What the angler has confidence in: of two picks that are equal it is tied first (L9). It outvotes nothing. */
final class Trust
{
    /** The picks that confidence is about. */
    public const PICKS = [Slot::Finish, Slot::SkirtBase, Slot::TrailerBase, Slot::TrailerStyle];

    /**
     * @param list<array{Slot, string}> $trusted picks and their values, as a document says them
     *
     * @return list<Rule> one for each that there is
     */
    public static function rules(array $trusted): array
    {
        $rules = [];
        foreach ($trusted as [$pick, $value]) {
            $part = self::part($pick, $value);
            if (null !== $part) {
                $rules[] = Rule::called("L9.{$pick->value}.$value")->fallback()->pick($part)
                    ->because('Of two that are equal, tie the one you trust.');
            }
        }

        return $rules;
    }

    public static function isOf(Slot $pick, string $value): bool
    {
        return null !== self::part($pick, $value);
    }

    private static function part(Slot $pick, string $value): ?PartPicks
    {
        $of = match ($pick) {
            Slot::Finish => Finish::tryFrom($value),
            Slot::SkirtBase, Slot::TrailerBase => Colour::tryFrom($value),
            Slot::TrailerStyle => TrailerStyle::tryFrom($value),
            default => null,
        };

        return match (true) {
            $of instanceof Finish => Blades::only($of),
            $of instanceof TrailerStyle => Trailer::any()->style($of),
            $of instanceof Colour => Slot::SkirtBase === $pick ? Skirt::of($of) : Trailer::of($of),
            default => null,
        };
    }
}
