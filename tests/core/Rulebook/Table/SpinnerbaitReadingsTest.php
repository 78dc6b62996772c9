<?php

declare(strict_types=1);

namespace Tests\core\Rulebook\Table;

use Kontrast\Lure\Arm;
use Kontrast\Lure\LureKind;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Tests\core\Readings;

/** What the facts imply for spinnerbaits. */
final class SpinnerbaitReadingsTest extends ReadingTableTestCase
{
    /** @return iterable<string, array{Reading, array<string, string>}> */
    public static function readings(): iterable
    {
        yield 'Z1: three feet deep' => [
            Readings::of(LureKind::Spinnerbait, feet: 3),
            ['head.weight_range_oz' => '1/4 oz to 1/2 oz', 'head.weight_oz' => '3/8 oz'],
        ];
        yield 'Z1: fifteen feet' => [
            Readings::of(LureKind::Spinnerbait, feet: 13),
            ['head.weight_range_oz' => '1/2 oz to 5/8 oz', 'head.weight_oz' => '1/2 oz'],
        ];
        yield 'Z1: thirty feet' => [Readings::of(LureKind::Spinnerbait, feet: 28), ['head.weight_range_oz' => '3/4 oz to 1-1/2 oz']];
        yield 'B1: clear, willow' => [Readings::of(LureKind::Spinnerbait, inches: 60, tint: Tint::None), ['blades.shape' => 'willow']];
        yield 'B1: dirty, Colorado' => [
            Readings::of(LureKind::Spinnerbait, inches: 13),
            ['blades.shape' => 'colorado', 'blades.front.shape' => 'colorado'],
        ];
        yield 'B10: mud pair' => [
            Readings::of(LureKind::Spinnerbait, inches: 8, sky: Sky::Sun),
            ['blades.front.shape' => 'colorado', 'blades.front.size' => '#2', 'blades.shape' => 'deep_colorado', 'blades.size' => '#5'],
        ];
        yield 'B10: very muddy and sunny, gold Indiana and silver Colorado, with a paddle tail' => [
            Readings::of(LureKind::Spinnerbait, inches: 4, sky: Sky::Sun),
            [
                'blades.front.shape' => 'colorado',
                'blades.shape' => 'indiana',
                'blades.finish' => 'gold',
                'blades.front.finish' => 'silver',
                'trailer.style' => 'paddle_tail',
            ],
        ];
        yield 'B10 and S22: big shad in early spring' => [
            Readings::of(
                LureKind::Spinnerbait,
                inches: 30,
                season: Season::EarlySpring,
                surface: 50,
                forage: Forage::Shad,
                forageInches: 6,
            ),
            [
                'blades.front.shape' => 'colorado', 'blades.front.size' => '#2', 'blades.shape' => 'willow', 'blades.size' => '#5',
                'skirt.trim' => 'long_tail', 'trailer' => 'no', 'skirt.base' => 'white', 'skirt.belly' => 'chartreuse+orange',
            ],
        ];
        yield 'B2: tiny food, small blades' => [Readings::of(LureKind::Spinnerbait, inches: 30, forageInches: 2), ['blades.size' => '#3']];
        yield 'B2: long food, large blades' => [Readings::of(LureKind::Spinnerbait, inches: 30, forageInches: 6), ['blades.size' => '#6']];
        yield 'B3: clear, silver' => [
            Readings::of(LureKind::Spinnerbait, inches: 50, tint: Tint::None, sky: Sky::Overcast, forage: Forage::Shad),
            ['blades.finish' => 'silver'],
        ];
        yield 'B3: stained, gold' => [
            Readings::of(LureKind::Spinnerbait, inches: 20, forage: Forage::GoldenShiner),
            ['blades.finish' => 'gold'],
        ];
        yield 'B3: early run-off, gold' => [
            Readings::of(
                LureKind::Spinnerbait,
                inches: 14,
                tint: Tint::Clay,
                season: Season::EarlySpring,
                surface: 48,
                forage: Forage::GoldenShiner,
                sky: Sky::Sun,
            ),
            ['blades.finish' => 'gold'],
        ];
        yield 'B4: mud and sun, metal, one of each' => [
            Readings::of(LureKind::Spinnerbait, inches: 4, sky: Sky::Sun, forage: Forage::Shad),
            ['blades.finish' => 'gold', 'blades.front.finish' => 'silver'],
        ];
        yield 'B4: mud and cloud, paint' => [
            Readings::of(LureKind::Spinnerbait, inches: 4, sky: Sky::Overcast, forage: Forage::Shad, tint: Tint::Green),
            ['blades.finish' => 'painted_chartreuse'],
        ];
        yield 'B6: night, black blade and skirt' => [
            Readings::of(LureKind::Spinnerbait, inches: 40, sky: Sky::Night),
            ['blades.finish' => 'black', 'skirt.base' => 'black', 'intent' => 'show_silhouette'],
        ];
        yield 'B9: copper is a bladed jig’s, and gold’s runner-up there' => [
            Readings::of(LureKind::Spinnerbait, inches: 26, forage: Forage::Crawfish, wind: Wind::Calm),
            ['blades.finish' => 'gold'],
        ];
        yield 'W7 over B9: sunfish in stain with chop, gold' => [
            Readings::of(LureKind::Spinnerbait, inches: 26, forage: Forage::Bluegill, wind: Wind::Chop),
            ['blades.finish' => 'gold'],
        ];
        yield 'B11 and H1: short arm' => [
            Readings::of(LureKind::Spinnerbait, inches: 30, arm: Arm::Short),
            ['blades.layout' => 'single', 'blades.shape' => 'colorado', 'trailer_hook.fit' => 'no'],
        ];
        yield 'H1: heavy brush' => [
            Readings::of(LureKind::Spinnerbait, inches: 30, cover: Cover::FloodedBrush, density: CoverDensity::Heavy),
            ['trailer_hook.fit' => 'no'],
        ];
        yield 'H1: open water' => [Readings::of(LureKind::Spinnerbait, inches: 30), ['trailer_hook.fit' => 'yes']];
        yield 'H2: half an ounce' => [
            Readings::of(LureKind::Spinnerbait, inches: 30, feet: 8),
            ['trailer_hook.size' => '2/0', 'head.weight_oz' => '1/2 oz'],
        ];
        yield 'H2: an ounce and more' => [
            Readings::of(LureKind::Spinnerbait, inches: 30, feet: 38),
            ['trailer_hook.size' => '4/0', 'head.weight_oz' => '1-1/2 oz'],
        ];
        yield 'S18: cold and muddy' => [
            Readings::of(
                LureKind::Spinnerbait,
                inches: 5,
                season: Season::Winter,
                surface: 42,
                forage: Forage::Shad,
                sky: Sky::Sun,
                tint: Tint::Green,
            ),
            ['skirt.base' => 'yellow', 'skirt.accents' => 'chartreuse+white', 'skirt.material' => 'living_rubber', 'trailer' => 'yes'],
        ];
        yield 'T6: warm and clear, bare' => [Readings::of(LureKind::Spinnerbait, inches: 50, surface: 74), ['trailer' => 'no']];
        yield 'T6: cold and dirty, a must' => [
            Readings::of(LureKind::Spinnerbait, inches: 10, season: Season::Winter, surface: 44),
            ['trailer' => 'yes', 'trailer.style' => 'single_tail_grub'],
        ];
        yield 'T5: a hard day, ringworm' => [
            Readings::of(LureKind::Spinnerbait, inches: 12, bite: Bite::Tough),
            ['trailer.style' => 'ringworm'],
        ];
        yield 'S9: gold blade, chartreuse leads' => [
            Readings::of(LureKind::Spinnerbait, inches: 12, forage: Forage::Shad, sky: Sky::Sun),
            ['blades.finish' => 'gold', 'skirt.base' => 'chartreuse', 'skirt.accents' => 'white'],
        ];
    }
}
