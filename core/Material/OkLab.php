<?php

declare(strict_types=1);

namespace Kontrast\Material;

/** Brings a color that no screen has onto one, less colorful but of the same lightness and hue: OKLab, Ottosson 2020. */
final class OkLab
{
    /** To a 65,000th of the chroma, far below what a channel of 255 steps shows. */
    private const BISECTIONS = 16;
    private const TOLERANCE = 1e-4;

    public static function onScreen(Xyz $colour): Srgb
    {
        $light = Srgb::lights($colour);

        return Srgb::linear(...(self::fits($light) ? $light : self::held($light, false)));
    }

    /**
     * The same on a screen of a wide gamut, its channels those of Display P3; null where any screen has the color.
     */
    public static function onWideScreen(Xyz $colour): ?Srgb
    {
        $light = Srgb::lights($colour);
        if (self::fits($light)) {
            return null;
        }
        $wide = DisplayP3::lights($light);

        return Srgb::linear(...(self::fits($wide) ? $wide : DisplayP3::lights(self::held($light, true))));
    }

    /**
     * Held within a screen: the most chroma that it has at this lightness and hue.
     *
     * @param array{float, float, float} $light amounts of red, green and blue light of sRGB
     *
     * @return array{float, float, float}
     */
    private static function held(array $light, bool $isWide): array
    {
        [$lightness, $a, $b] = self::from($light);
        // Of L, M and S what does not change, and what goes with the chroma; written out, since a picture takes thousands of them.
        $dl = 0.3963377774 * $a + 0.2158037573 * $b;
        $dm = -0.1055613458 * $a - 0.0638541728 * $b;
        $ds = -0.0894841775 * $a - 1.2914855480 * $b;
        [$least, $most] = [0.0, 1.0];
        $light = [$lightness ** 3, $lightness ** 3, $lightness ** 3];
        for ($i = 0; $i < self::BISECTIONS; ++$i) {
            $share = ($least + $most) / 2;
            $l = $lightness + $share * $dl;
            $m = $lightness + $share * $dm;
            $s = $lightness + $share * $ds;
            $l *= $l * $l;
            $m *= $m * $m;
            $s *= $s * $s;
            $tried = [
                4.0767416621 * $l - 3.3077115913 * $m + 0.2309699292 * $s,
                -1.2684380046 * $l + 2.6097574011 * $m - 0.3413193965 * $s,
                -0.0041960863 * $l - 0.7034186147 * $m + 1.7076147010 * $s,
            ];
            if (self::fits($isWide ? DisplayP3::lights($tried) : $tried)) {
                $least = $share;
                $light = $tried;
            } else {
                $most = $share;
            }
        }

        return $light;
    }

    /** @param array{float, float, float} $light */
    private static function fits(array $light): bool
    {
        [$r, $g, $b] = $light;

        return $r >= -self::TOLERANCE && $g >= -self::TOLERANCE && $b >= -self::TOLERANCE
            && $r <= 1 + self::TOLERANCE && $g <= 1 + self::TOLERANCE && $b <= 1 + self::TOLERANCE;
    }

    /**
     * @param array{float, float, float} $light amounts of red, green and blue
     *
     * @return array{float, float, float} L, a, b
     */
    private static function from(array $light): array
    {
        [$r, $g, $b] = $light;
        $root = static fn (float $value): float => $value < 0 ? -((-$value) ** (1 / 3)) : $value ** (1 / 3);
        $l = $root(0.4122214708 * $r + 0.5363325363 * $g + 0.0514459929 * $b);
        $m = $root(0.2119034982 * $r + 0.6806995451 * $g + 0.1073969566 * $b);
        $s = $root(0.0883024619 * $r + 0.2817188376 * $g + 0.6299787005 * $b);

        return [
            0.2104542553 * $l + 0.7936177850 * $m - 0.0040720468 * $s,
            1.9779984951 * $l - 2.4285922050 * $m + 0.4505937099 * $s,
            0.0259040371 * $l + 0.7827717662 * $m - 0.8086757660 * $s,
        ];
    }
}
