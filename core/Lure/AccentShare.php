<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** How much of a skirt or trailer its accents are. */
enum AccentShare: string
{
    use HasLabel;

    case Few = 'few';
    case Third = 'third';
    case Half = 'half';

    /** Two colors that are said as one come half and half. */
    private const HALVES = [[Colour::White, Colour::Chartreuse], [Colour::Chartreuse, Colour::White]];

    /**
     * What is meant where nobody says it: a puff, not half the skirt (S27).
     *
     * @param list<Colour> $accents
     *
     * @return self|null null where there are none
     */
    public static function usual(Colour $base, array $accents): ?self
    {
        return match (true) {
            [] === $accents => null,
            \in_array([$base, ...$accents], self::HALVES, true) => self::Half,
            default => self::Few,
        };
    }

    /** Of all strands, 0 to 1. (Chosen.) */
    public function share(): float
    {
        return match ($this) {
            self::Few => 0.15,
            self::Third => 1 / 3,
            self::Half => 0.5,
        };
    }
}
