<?php

declare(strict_types=1);

namespace Kontrast\Inventory\Words;

use Kontrast\Lure\Colour;

/** Colors of a part as one says them. */
final class ColourWords
{
    /**
     * @param list<Colour> $accents
     * @param list<Colour> $belly
     *
     * @return string "brown with orange and blue", "white over pearl", "black-blue"; empty where the base is not known
     */
    public static function list(?Colour $base, array $accents = [], array $belly = []): string
    {
        if (null === $base) {
            return '';
        }
        $back = self::pair([$base, ...$accents])
            ?? ([] === $accents ? $base->label() : $base->label().' with '.self::and($accents));

        return [] === $belly ? $back : $back.' over '.self::and($belly);
    }

    /**
     * Two colors that are said as one.
     *
     * @param list<Colour> $colours
     */
    private static function pair(array $colours): ?string
    {
        return match ($colours) {
            [Colour::Black, Colour::Blue] => 'black-blue',
            [Colour::White, Colour::Chartreuse] => 'white-chartreuse',
            [Colour::Chartreuse, Colour::White] => 'chartreuse-white',
            default => null,
        };
    }

    /** @param list<Colour> $colours */
    private static function and(array $colours): string
    {
        $words = array_map(static fn (Colour $one): string => $one->label(), $colours);
        $last = (string) array_pop($words);

        return [] === $words ? $last : implode(', ', $words).' and '.$last;
    }
}
