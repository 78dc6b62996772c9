<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Pairing;
use Kontrast\Lure\Skirt;
use Kontrast\Lure\Trailer;
use Kontrast\Material\Lab;
use Kontrast\Material\Palette;
use Kontrast\Material\Srgb;
use Kontrast\Vision\Ciede2000;

/** How a skirt and a trailer go together, judged by their colours in the hand. */
final class PairedColours
{
    /** Colours closer than this are shades of one another. (Chosen: about where plain color words stop being neighbors.) */
    private const TONAL_DE00 = 20.0;

    /** Null where one of the two is missing. */
    public static function judge(?Skirt $skirt, ?Trailer $trailer): ?Pairing
    {
        if (null === $skirt || null === $trailer) {
            return null;
        }
        if ($skirt->base === $trailer->base) {
            return [] === array_diff(self::words($trailer->accents), self::words($skirt->accents)) ? Pairing::Match : Pairing::Accent;
        }

        return Ciede2000::between(self::lab($skirt->base), self::lab($trailer->base)) <= self::TONAL_DE00
            ? Pairing::Tonal
            : Pairing::Contrast;
    }

    /**
     * @param list<Colour> $colours
     *
     * @return list<string>
     */
    private static function words(array $colours): array
    {
        return array_map(static fn (Colour $colour): string => $colour->value, $colours);
    }

    private static function lab(Colour $colour): Lab
    {
        return Srgb::hex(Palette::hex($colour))->toLab();
    }
}
