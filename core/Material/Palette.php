<?php

declare(strict_types=1);

namespace Kontrast\Material;

use Kontrast\Lure\Finish;
use Kontrast\Reading\Colour;

/** What a colour word looks like in the hand: an sRGB colour of common plastics, skirts and paints (chosen by eye). */
final class Palette
{
    private const COLOURS = [
        'white' => '#f4f4f0',
        'pearl' => '#e4e1d6',
        'smoke' => '#8d9090',
        'chartreuse' => '#c8e02a',
        'yellow' => '#f2cf2c',
        'gold' => '#c4973c',
        'green_pumpkin' => '#55512b',
        'watermelon' => '#5d7d3b',
        'brown' => '#5e3f27',
        'black' => '#141414',
        'blue' => '#24407f',
        'bright_blue' => '#1f4fd0',
        'orange' => '#e8641c',
        'red' => '#b8242a',
        'purple' => '#4c2f6b',
    ];

    /** Metal under a coat of black permanent marker. */
    public const DULLED = '#5c5236';

    private const FINISHES = [
        'silver' => '#cfd3d6',
        'gold' => '#d9b14e',
        'copper' => '#c07a4d',
        'black' => '#1a1a1a',
        'green_pumpkin' => '#55512b',
        'painted_white' => '#f4f4f0',
        'painted_chartreuse' => '#c8e02a',
        'painted_orange' => '#e8641c',
        'painted_red' => '#b8242a',
    ];

    /** @return non-empty-string "#rrggbb" */
    public static function hex(Colour $colour): string
    {
        return self::COLOURS[$colour->value];
    }

    /** @return non-empty-string "#rrggbb"; for a metal the colour of its sheen in a grey room */
    public static function finish(Finish $finish): string
    {
        return self::FINISHES[$finish->value];
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
