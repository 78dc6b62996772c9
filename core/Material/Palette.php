<?php

declare(strict_types=1);

namespace Kontrast\Material;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;

/** What a colour word looks like in the hand: an sRGB colour of common plastics, skirts and paints (chosen by eye). */
final class Palette
{
    /** Metal under a coat of black permanent marker. */
    public const DULLED = '#5c5236';

    /** @return non-empty-string "#rrggbb" */
    public static function hex(Colour $colour): string
    {
        return match ($colour) {
            Colour::White => '#f4f4f0',
            Colour::Pearl => '#e4e1d6',
            Colour::Smoke => '#8d9090',
            Colour::PaleBlue => '#a9c4d8',
            Colour::Pink => '#ef6fa0',
            Colour::Maroon => '#5f1f28',
            Colour::Chartreuse => '#c8e02a',
            Colour::Yellow => '#f2cf2c',
            Colour::Gold => '#c4973c',
            Colour::GreenPumpkin => '#55512b',
            Colour::Watermelon => '#5d7d3b',
            Colour::Brown => '#5e3f27',
            Colour::Black => '#141414',
            Colour::Blue => '#24407f',
            Colour::BrightBlue => '#1f4fd0',
            Colour::Orange => '#e8641c',
            Colour::Red => '#b8242a',
            Colour::Purple => '#4c2f6b',
        };
    }

    /** @return non-empty-string "#rrggbb"; for a metal the colour of its sheen in a grey room */
    public static function finish(Finish $finish): string
    {
        $paint = $finish->paint();

        return match (true) {
            null !== $paint => self::hex($paint),
            Finish::Black === $finish => '#1a1a1a',
            default => self::sheen(Metal::from($finish->value)),
        };
    }

    /** @return non-empty-string */
    private static function sheen(Metal $metal): string
    {
        return match ($metal) {
            Metal::Silver => '#cfd3d6',
            Metal::Gold => '#d9b14e',
            Metal::Copper => '#c07a4d',
        };
    }

    /** The two colours that plastics, strands and paints are sold in as glowing ones. */
    public static function fluorescence(Colour $colour): Fluorescence
    {
        return match ($colour) {
            Colour::Chartreuse => Fluorescence::Chartreuse,
            Colour::Orange => Fluorescence::Orange,
            default => Fluorescence::None,
        };
    }
}
