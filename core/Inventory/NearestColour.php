<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Material\Palette;
use Kontrast\Material\Srgb;
use Kontrast\Vision\Ciede2000;

/** Finds the trade's word for a colour: the one whose colour is nearest by CIEDE2000. */
final class NearestColour
{
    public static function nearest(Srgb $colour): Colour
    {
        return self::best(Colour::cases(), static fn (Colour $word): string => Palette::hex($word), $colour);
    }

    /** Among the paints; bare metals are left aside. */
    public static function nearestPaint(Srgb $colour): Finish
    {
        $paints = array_values(array_filter(Finish::cases(), static fn (Finish $finish): bool => !$finish->isMetal()));

        return self::best($paints, static fn (Finish $finish): string => Palette::finish($finish), $colour);
    }

    /**
     * @template T
     *
     * @param list<T>             $words
     * @param callable(T): string $hex
     *
     * @return T
     */
    private static function best(array $words, callable $hex, Srgb $colour): mixed
    {
        $lab = $colour->toLab();
        $nearest = null;
        $least = \INF;
        foreach ($words as $word) {
            $distance = Ciede2000::between($lab, Srgb::hex($hex($word))->toLab());
            if ($distance < $least) {
                [$nearest, $least] = [$word, $distance];
            }
        }

        return $nearest ?? throw new \LogicException('There are always words.');
    }
}
