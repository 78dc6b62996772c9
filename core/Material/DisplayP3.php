<?php

declare(strict_types=1);

namespace Kontrast\Material;

/** The colors of a wide-gamut screen: those of sRGB and more, with its white and its encoding. SMPTE EG 432-1, CSS Color 4. */
final class DisplayP3
{
    /** From amounts of red, green and blue light of sRGB to those of Display P3. */
    private const FROM_SRGB = [
        [0.8224619687, 0.1775380313, 0.0],
        [0.0331941989, 0.9668058011, 0.0],
        [0.0170826307, 0.0723974407, 0.9105199286],
    ];

    /**
     * @param array{float, float, float} $light of sRGB's red, green and blue, out of range where its screens have not the color
     *
     * @return array{float, float, float} those of Display P3
     */
    public static function lights(array $light): array
    {
        [$r, $g, $b] = $light;
        [$red, $green, $blue] = self::FROM_SRGB;

        return [
            $red[0] * $r + $red[1] * $g + $red[2] * $b,
            $green[0] * $r + $green[1] * $g + $green[2] * $b,
            $blue[0] * $r + $blue[1] * $g + $blue[2] * $b,
        ];
    }
}
