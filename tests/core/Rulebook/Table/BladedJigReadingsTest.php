<?php

declare(strict_types=1);

namespace Tests\core\Rulebook\Table;

use Kontrast\Lure\LureKind;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\FinishSchool;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Schools;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Reading\WoodSchool;
use Tests\core\Readings;

/** What the facts imply for bladed jigs. */
final class BladedJigReadingsTest extends ReadingTableTestCase
{
    /** @return iterable<string, array{Reading, array<string, string>}> */
    public static function readings(): iterable
    {
        yield 'Z2: grass' => [
            Readings::of(LureKind::BladedJig, feet: 5, cover: Cover::Grass),
            ['head.weight_oz' => '3/8 oz', 'head.weight_range_oz' => '5/16 oz to 3/8 oz'],
        ];
        yield 'Z2: thin water over grass' => [
            Readings::of(LureKind::BladedJig, feet: 2, cover: Cover::Grass),
            ['head.weight_oz' => '5/16 oz'],
        ];
        yield 'Z2: wood' => [Readings::of(LureKind::BladedJig, feet: 5, cover: Cover::Wood), ['head.weight_oz' => '1/2 oz']];
        yield 'Z2: rock' => [
            Readings::of(LureKind::BladedJig, feet: 5, cover: Cover::Rock, forage: Forage::Crawfish),
            ['head.weight_oz' => '1/2 oz'],
        ];
        yield 'Z2: fall shallows' => [
            Readings::of(LureKind::BladedJig, feet: 3, cover: Cover::Rock, season: Season::Fall, surface: 60, forage: Forage::Shad),
            ['head.weight_oz' => '3/8 oz'],
        ];
        yield 'D6: keep it out of wood' => [
            Readings::of(LureKind::BladedJig, cover: Cover::Wood, schools: new Schools(wood: WoodSchool::Avoid)),
            ['lure' => 'jig'],
        ];
        yield 'W8: late winter, warming fast' => [
            Readings::of(LureKind::Spinnerbait, feet: 4, season: Season::LateWinter, surface: 42, trend: 6, cover: Cover::Wood),
            ['lure' => 'bladed_jig'],
        ];
        yield 'S17: bare in early-spring grass' => [
            Readings::of(
                LureKind::BladedJig,
                cover: Cover::Grass,
                season: Season::EarlySpring,
                surface: 52,
                forage: Forage::Shad,
                trend: 4,
            ),
            [
                'skirt.trim' => 'none',
                'trailer.style' => 'paddle_tail',
                'trailer.length_in' => '5 in',
                'trailer.base' => 'watermelon',
                'trailer.belly' => 'pearl',
            ],
        ];
        yield 'T9: timber, a wide base' => [
            Readings::of(LureKind::BladedJig, cover: Cover::Wood, forage: Forage::Bluegill),
            ['trailer.style' => 'craw'],
        ];
        yield 'B7 and D2: two-blade habit on a calm bright day' => [
            Readings::of(
                LureKind::BladedJig,
                inches: 50,
                wind: Wind::Calm,
                sky: Sky::Sun,
                bite: Bite::Tough,
                schools: new Schools(finish: FinishSchool::TwoBlade),
            ),
            ['blades.finish' => 'green_pumpkin'],
        ];
        yield 'B7 and D2: two-blade habit in tint' => [
            Readings::of(LureKind::BladedJig, inches: 24, tint: Tint::Tannic, schools: new Schools(finish: FinishSchool::TwoBlade)),
            ['blades.finish' => 'gold'],
        ];
        yield 'B7 and D2: two-blade habit in wind' => [
            Readings::of(
                LureKind::BladedJig,
                inches: 60,
                tint: Tint::None,
                wind: Wind::Chop,
                schools: new Schools(finish: FinishSchool::TwoBlade),
            ),
            ['blades.finish' => 'gold'],
        ];
        yield 'B4: very clear and sunny, paint' => [
            Readings::of(LureKind::BladedJig, inches: 84, tint: Tint::None, sky: Sky::Sun, forage: Forage::Crappie),
            ['blades.finish' => 'painted_white'],
        ];
        yield 'B4: very clear and overcast, metal' => [
            Readings::of(LureKind::BladedJig, inches: 84, tint: Tint::None, sky: Sky::Overcast, forage: Forage::Shad),
            ['blades.finish' => 'silver'],
        ];
        yield 'B5: spotted bass, willing, clear' => [
            Readings::of(LureKind::BladedJig, inches: 60, bass: Bass::Spotted, bite: Bite::Active, sky: Sky::Overcast),
            ['blades.finish' => 'painted_chartreuse'],
        ];
        yield 'B8: very clear, colourless, shad' => [
            Readings::of(LureKind::BladedJig, inches: 84, tint: Tint::None, sky: Sky::Sun, forage: Forage::Shad),
            ['blades.finish' => 'silver'],
        ];
        yield 'B8: clearer still, a marker over gold' => [
            Readings::of(LureKind::BladedJig, inches: 130, tint: Tint::None, sky: Sky::Sun, forage: Forage::Perch),
            ['blades.finish' => 'gold', 'blades.darkened' => 'yes'],
        ];
        yield 'B6: storm, black blade' => [
            Readings::of(LureKind::BladedJig, inches: 30, sky: Sky::Storm),
            ['blades.finish' => 'black', 'skirt.base' => 'black'],
        ];
        yield 'B6: opaque tea under cloud' => [
            Readings::of(LureKind::BladedJig, inches: 6, tint: Tint::Tannic, sky: Sky::Overcast, forage: Forage::Bluegill),
            ['blades.finish' => 'black', 'skirt.base' => 'black'],
        ];
        yield 'P7: low light under docks' => [
            Readings::of(LureKind::BladedJig, inches: 30, cover: Cover::Dock, sky: Sky::LowSun, forage: Forage::Shad),
            ['blades.finish' => 'gold', 'skirt.base' => 'white', 'trailer.opacity' => 'translucent'],
        ];
        yield 'W6: calm, bright and slow, no contrast' => [
            Readings::of(LureKind::BladedJig, inches: 40, wind: Wind::Calm, sky: Sky::Sun, bite: Bite::Tough),
            ['pairing' => 'match', 'intent' => 'blend_in'],
        ];
        yield 'P1: three to five feet, a shade' => [Readings::of(LureKind::BladedJig, inches: 48), ['pairing' => 'tonal']];
        yield 'P1: stain, a touch' => [Readings::of(LureKind::BladedJig, inches: 26), ['pairing' => 'accent']];
        yield 'P1: dirty, contrast' => [
            Readings::of(LureKind::BladedJig, inches: 10, forage: Forage::Bluegill, sky: Sky::Sun),
            ['pairing' => 'contrast'],
        ];
        yield 'P2: fall and clear, one tone' => [
            Readings::of(LureKind::BladedJig, inches: 44, season: Season::Fall, surface: 60, forage: Forage::Shad),
            ['pairing' => 'match'],
        ];
        yield 'P5: stain, two tones in the trailer' => [
            Readings::of(LureKind::BladedJig, inches: 26, forage: Forage::Shad),
            ['trailer.accents' => 'chartreuse+green_pumpkin'],
        ];
        yield 'F3: sunfish are never one colour' => [
            Readings::of(LureKind::BladedJig, inches: 40, forage: Forage::Bluegill),
            ['skirt.base' => 'green_pumpkin'],
        ];
        yield 'B13: turned crawfish under cloud in dirty water, orange paint' => [
            Readings::of(
                LureKind::BladedJig,
                inches: 10,
                season: Season::EarlySpring,
                surface: 55,
                forage: Forage::Crawfish,
                red: true,
                sky: Sky::Overcast,
                cover: Cover::Wood,
            ),
            ['blades.finish' => 'painted_orange', 'skirt.base' => 'green_pumpkin'],
        ];
    }
}
