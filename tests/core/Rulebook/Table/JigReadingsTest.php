<?php

declare(strict_types=1);

namespace Tests\core\Rulebook\Table;

use Kontrast\Lure\LureKind;
use Kontrast\Reading\Cover;
use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Schools;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Tests\core\Readings;

/** What the facts imply for jigs. */
final class JigReadingsTest extends ReadingTableTestCase
{
    /** @return iterable<string, array{Reading, array<string, string>}> */
    public static function readings(): iterable
    {
        yield 'S1: ten inches of sight' => [
            Readings::of(LureKind::Jig, inches: 10, sky: Sky::Sun),
            ['skirt.base' => 'black', 'skirt.accents' => 'blue'],
        ];
        yield 'S1: fifteen inches among crawfish' => [
            Readings::of(LureKind::Jig, inches: 14, sky: Sky::Sun, forage: Forage::Crawfish),
            ['skirt.base' => 'black', 'skirt.accents' => 'blue'],
        ];
        yield 'S1: thirty inches in rain still black and blue' => [
            Readings::of(LureKind::Jig, inches: 26, sky: Sky::Rain, forage: Forage::Crawfish),
            ['skirt.base' => 'black', 'skirt.accents' => 'blue'],
        ];
        yield 'S2: eight inches in rain' => [
            Readings::of(LureKind::Jig, inches: 8, sky: Sky::Rain, forage: Forage::Crawfish),
            ['skirt.base' => 'black', 'skirt.accents' => 'chartreuse'],
        ];
        yield 'S2: ten inches and chop' => [
            Readings::of(LureKind::Jig, inches: 10, sky: Sky::Sun, wind: Wind::Chop),
            ['skirt.base' => 'black', 'skirt.accents' => 'chartreuse'],
        ];
        yield 'S3: forty-two inches at a dock' => [
            Readings::of(LureKind::Jig, inches: 42, cover: Cover::Dock, forage: Forage::Crawfish, sky: Sky::Sun),
            ['skirt.base' => 'brown', 'trailer.style' => 'craw'],
        ];
        yield 'S4: three and a quarter feet, fifty-five degrees, early spring' => [
            Readings::of(LureKind::Jig, inches: 39, season: Season::EarlySpring, surface: 55, forage: Forage::Crawfish),
            ['skirt.base' => 'brown', 'skirt.accents' => 'orange'],
        ];
        yield 'S4: the same in late fall is S5 with blue besides' => [
            Readings::of(LureKind::Jig, inches: 36, season: Season::Fall, surface: 55, forage: Forage::Crawfish),
            ['skirt.base' => 'brown'],
        ];
        yield 'S5: fall, three feet' => [
            Readings::of(LureKind::Jig, inches: 38, season: Season::Fall, surface: 66, forage: Forage::Bluegill),
            ['skirt.base' => 'brown', 'skirt.accents' => 'blue+orange'],
        ];
        yield 'S6: two feet over cold rock before spring' => [
            Readings::of(LureKind::Jig, inches: 24, season: Season::LateWinter, surface: 49, cover: Cover::Rock, forage: Forage::Crawfish),
            [
                'skirt.base' => 'brown',
                'skirt.accents' => 'orange',
                'trailer.base' => 'blue',
                'trailer.accents' => '',
                'pairing' => 'contrast',
            ],
        ];
        yield 'S6 and Z4: its weight' => [
            Readings::of(
                LureKind::Jig,
                inches: 24,
                feet: 5,
                season: Season::EarlySpring,
                surface: 50,
                cover: Cover::Rock,
                forage: Forage::Crawfish,
            ),
            ['head.weight_oz' => '3/8 oz', 'trailer.base' => 'blue'],
        ];
        yield 'S7: six feet of sight' => [
            Readings::of(LureKind::Jig, inches: 76, tint: Tint::None, forage: Forage::Crawfish),
            ['skirt.base' => 'green_pumpkin', 'trailer.base' => 'green_pumpkin', 'skirt.material' => 'silicone', 'pairing' => 'match'],
        ];
        yield 'S11: opaque run-off' => [
            Readings::of(LureKind::Jig, inches: 3, tint: Tint::Clay, sky: Sky::Overcast, forage: Forage::Crawfish),
            [
                'skirt.base' => 'black',
                'skirt.accents' => 'blue',
                'trailer.base' => 'black',
                'pairing' => 'match',
                'intent' => 'show_silhouette',
            ],
        ];
        yield 'S12: tea on a dark day' => [
            Readings::of(
                LureKind::Jig,
                inches: 22,
                tint: Tint::Tannic,
                sky: Sky::Overcast,
                season: Season::EarlySpring,
                surface: 56,
                forage: Forage::Bluegill,
            ),
            ['skirt.base' => 'black', 'skirt.accents' => 'blue'],
        ];
        yield 'S14: cold water, rubber' => [
            Readings::of(LureKind::Jig, inches: 20, season: Season::Winter, surface: 42, forage: Forage::Crawfish),
            ['skirt.material' => 'living_rubber'],
        ];
        yield 'S14: very clear water, silicone even when cold' => [
            Readings::of(LureKind::Jig, inches: 84, tint: Tint::None, season: Season::Winter, surface: 42, forage: Forage::Crawfish),
            ['skirt.material' => 'silicone'],
        ];
        yield 'T7: a chunk in the cold' => [
            Readings::of(LureKind::Jig, inches: 30, season: Season::Winter, surface: 41, cover: Cover::Wood, forage: Forage::Bluegill),
            ['trailer.style' => 'chunk'],
        ];
        yield 'T1: claws for dirty water and crawfish' => [
            Readings::of(LureKind::Jig, inches: 12, forage: Forage::Crawfish),
            ['trailer.style' => 'craw'],
        ];
        yield 'X6: in cold water a jig’s trailer keeps to the forage' => [
            Readings::of(LureKind::Jig, inches: 30, season: Season::Winter, surface: 42, forage: Forage::Crawfish, forageInches: 3),
            ['trailer.length_in' => '3 in'],
        ];
        yield 'T8: low sixties, thin and three inches' => [
            Readings::of(LureKind::Jig, inches: 30, season: Season::Spring, surface: 63, forage: Forage::Bluegill, forageInches: 4),
            ['trailer.length_in' => '3 in'],
        ];
        yield 'F5: crawfish turned red' => [
            Readings::of(LureKind::Jig, inches: 40, season: Season::EarlySpring, surface: 54, forage: Forage::Crawfish, red: true),
            ['skirt.base' => 'green_pumpkin', 'skirt.accents' => 'orange+red'],
        ];
        yield 'F5: and in mud as well' => [
            Readings::of(
                LureKind::Jig,
                inches: 9,
                season: Season::EarlySpring,
                surface: 54,
                forage: Forage::Crawfish,
                red: true,
                sky: Sky::Sun,
            ),
            ['skirt.base' => 'green_pumpkin', 'skirt.accents' => 'orange+red'],
        ];
        yield 'F5: not below fifty degrees' => [
            Readings::of(
                LureKind::Jig,
                inches: 9,
                season: Season::EarlySpring,
                surface: 45,
                forage: Forage::Crawfish,
                red: true,
                sky: Sky::Sun,
            ),
            ['skirt.base' => 'black'],
        ];
        yield 'D3 natural: green pumpkin in dirty water' => [
            Readings::of(
                LureKind::Jig,
                inches: 10,
                sky: Sky::Sun,
                forage: Forage::Crawfish,
                schools: new Schools(dirty: DirtySchool::Natural),
            ),
            ['skirt.base' => 'green_pumpkin'],
        ];
        yield 'F9: tiny food' => [Readings::of(LureKind::Jig, inches: 30, forageInches: 2), ['profile' => 'small']];
        yield 'F9: long food' => [Readings::of(LureKind::Jig, inches: 30, forageInches: 5.5), ['profile' => 'big']];
    }
}
