<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\OkLab;
use Kontrast\Material\Srgb;
use Kontrast\Material\Xyz;
use Kontrast\Water\ColourMatching;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;
use Kontrast\Water\Spectrum;

/**
 * The lights of a scene as a diver with used eyes sees them, on a screen: adapted to a white card hung there (CAT16, to the degree of
 * CIECAM16), exposed by the card and the water, without colors that no screen has. All constants are chosen.
 */
final readonly class PersonEye
{
    /** Where a card in daylight is put, of the screen's white; in the dark it is put lower. */
    private const KEY = 0.56;
    private const LEAST_KEY = 0.2;
    /** Luminance at which a card is put lowest, and the span to full daylight, in powers of ten of cd/m². */
    private const DARKEST = -3.0;
    private const SPAN = 4.0;
    /** How much brighter than the card the water may be before it decides the exposure. */
    private const WATER_SHARE = 1.5;
    /** Above the key a brighter light comes ever nearer to this much more. */
    private const SHOULDER = 0.34;
    /** Share of the light of a white card that the eye takes as its surround: CIECAM16's fifth. */
    private const SURROUND = 5.0;
    /** The scotopic luminance of a light from its color, over that of white: Larson, Rushmeier & Piatko 1997. */
    private const ROD = [1.33, 1.68, 2.6];
    private const CD = 683.0 * 10.0;

    private function __construct(
        private Adaptation $adaptation,
        private float $exposure,
        /** How much of color is left, 0 below one lux. */
        private float $colour,
    ) {
    }

    public static function in(Scene $scene): self
    {
        return self::adapted($scene, Adaptation::degree(self::luminous($scene->card())->y / self::SURROUND));
    }

    /** The same light as a camera takes it that corrects nothing. */
    public static function camera(Scene $scene): self
    {
        return self::adapted($scene, 0.0);
    }

    private static function adapted(Scene $scene, float $degree): self
    {
        $card = self::luminous($scene->card());
        $water = self::luminous($scene->background);
        $adaptation = Adaptation::to($card, $degree);
        $brightest = max($card->y, $water->y, 1e-12);
        $key = self::KEY * max(self::LEAST_KEY, min(1.0, (log10($brightest) - self::DARKEST) / self::SPAN));
        $behind = self::tone($adaptation->adapt($water));
        $lux = ColourMatching::lux($scene->light->irradiance);

        return new self(
            $adaptation,
            $key / max(1e-12, Direction::Below === $scene->from
                ? $behind
                : max(self::tone($adaptation->adapt($card)), self::WATER_SHARE * $behind)),
            max(0.0, min(1.0, log10(max($lux, 1e-12)))),
        );
    }

    public function see(Spectrum $radiance): Srgb
    {
        return $this->show(Xyz::ofLight($radiance));
    }

    /** A light by its tristimulus values, in the units of the scene. */
    public function show(Xyz $seen): Srgb
    {
        return OkLab::onScreen($this->exposed($seen));
    }

    /** The same on a screen of a wide gamut, channels of Display P3; null where any screen shows it. */
    public function showWide(Xyz $seen): ?Srgb
    {
        return OkLab::onWideScreen($this->exposed($seen));
    }

    /** What a screen has to show: white is 1. */
    private function exposed(Xyz $seen): Xyz
    {
        $light = $seen->scaled(self::CD);
        $adapted = $this->adaptation->adapt($light);
        $n = self::tone($adapted);
        if ($n <= 0.0) {
            return new Xyz(0.0, 0.0, 0.0);
        }
        $x = $this->exposure * $n;
        $shown = $x <= self::KEY ? $x : self::KEY + self::SHOULDER * (1 - exp(-($x - self::KEY) / self::SHOULDER));
        $grey = Xyz::d65()->scaled((1 - $this->colour) * self::rods($light));
        $m = $this->colour;

        return (new Xyz($m * $adapted->x + $grey->x, $m * $adapted->y + $grey->y, $m * $adapted->z + $grey->z))->scaled($shown / $n);
    }

    /** Its luminance in cd/m². */
    private static function luminous(Spectrum $radiance): Xyz
    {
        return Xyz::ofLight($radiance)->scaled(self::CD);
    }

    /** n: between the luminance of a light and the strongest channel that it takes. */
    private static function tone(Xyz $light): float
    {
        return sqrt(max(0.0, $light->y * max($light->y, Srgb::brightestChannel($light))));
    }

    private static function rods(Xyz $light): float
    {
        [$a, $b, $white] = self::ROD;

        return $light->x <= 0.0 ? 0.0 : max(0.0, $light->y * ($a * (1 + ($light->y + $light->z) / $light->x) - $b)) / $white;
    }
}
