<?php

declare(strict_types=1);

namespace Tests\core\Rulebook\Table;

use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Run;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\PairingSchool;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Schools;
use Kontrast\Reading\Season;
use Kontrast\Reading\ShadStartSchool;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Tests\core\Readings;

/** What the facts imply for swim jigs. */
final class SwimJigReadingsTest extends ReadingTableTestCase
{
    /** @return iterable<string, array{Reading, array<string, string>}> */
    public static function readings(): iterable
    {
        yield 'S8: shad, seven feet of sight: smoke that lets light through' => [
            Readings::of(LureKind::SwimJig, inches: 84, tint: Tint::None, forage: Forage::Shad, sky: Sky::Sun),
            ['skirt.base' => 'smoke', 'skirt.opacity' => 'translucent', 'skirt.material' => 'silicone'],
        ];
        yield 'S8: shad, four feet: pearl' => [
            Readings::of(LureKind::SwimJig, inches: 48, tint: Tint::None, forage: Forage::Shad, sky: Sky::Sun),
            ['skirt.base' => 'pearl', 'skirt.opacity' => 'translucent'],
        ];
        yield 'S8: shad, two feet: solid white' => [
            Readings::of(LureKind::SwimJig, inches: 24, forage: Forage::Shad),
            ['skirt.base' => 'white', 'skirt.opacity' => 'opaque'],
        ];
        yield 'S9: dirty-water shad' => [
            Readings::of(LureKind::SwimJig, inches: 12, forage: Forage::Shad, sky: Sky::Sun),
            ['skirt.base' => 'white', 'skirt.accents' => 'chartreuse'],
        ];
        yield 'S10: sunfish, four feet' => [
            Readings::of(LureKind::SwimJig, inches: 48, forage: Forage::Bluegill),
            ['skirt.base' => 'green_pumpkin'],
        ];
        yield 'S10: crawfish, two feet: green pumpkin with orange and brown' => [
            Readings::of(LureKind::SwimJig, inches: 22, forage: Forage::Crawfish, season: Season::Summer),
            ['skirt.base' => 'green_pumpkin', 'skirt.accents' => 'orange+brown'],
        ];
        yield 'S10: crawfish, ten inches' => [
            Readings::of(LureKind::SwimJig, inches: 10, forage: Forage::Crawfish, sky: Sky::Sun),
            ['skirt.base' => 'black', 'skirt.accents' => 'blue'],
        ];
        yield 'S19: low over clear grass' => [
            Readings::of(LureKind::SwimJig, inches: 60, cover: Cover::Grass, run: Run::Low, forage: Forage::Perch),
            ['trailer.style' => 'paddle_tail'],
        ];
        yield 'S19: low over clear grass, sunfish' => [
            Readings::of(LureKind::SwimJig, inches: 58, cover: Cover::Grass, run: Run::Low, forage: Forage::Bluegill),
            ['skirt.base' => 'green_pumpkin'],
        ];
        yield 'S19: high under cover in dirty water' => [
            Readings::of(LureKind::SwimJig, inches: 10, cover: Cover::Dock, run: Run::High, forage: Forage::Bluegill, sky: Sky::Sun),
            ['skirt.base' => 'black', 'skirt.accents' => 'blue', 'head.weight_oz' => '5/16 oz'],
        ];
        yield 'Z3: a foot down' => [Readings::of(LureKind::SwimJig, inches: 30, run: Run::High), ['head.weight_oz' => '5/16 oz']];
        yield 'T2: low, a paddle tail' => [
            Readings::of(LureKind::SwimJig, inches: 40, run: Run::Low, forage: Forage::Shad),
            ['trailer.style' => 'paddle_tail'],
        ];
        yield 'T14: clear and shad, a slender fork tail' => [
            Readings::of(LureKind::SwimJig, inches: 50, tint: Tint::None, forage: Forage::Shad),
            ['trailer.style' => 'fork_tail'],
        ];
        yield 'T3: into fall' => [
            Readings::of(LureKind::SwimJig, inches: 46, season: Season::Fall, forage: Forage::Shad, surface: 62, tint: Tint::None),
            ['trailer.style' => 'fork_tail'],
        ];
        yield 'T4: sunfish, a twin-tail grub' => [
            Readings::of(LureKind::SwimJig, inches: 30, forage: Forage::Bluegill),
            ['trailer.style' => 'twin_tail_grub'],
        ];
        yield 'T8 fall: small and see-through' => [
            Readings::of(LureKind::SwimJig, inches: 44, season: Season::Fall, forage: Forage::Shad, surface: 60),
            ['trailer.length_in' => '3 in', 'trailer.opacity' => 'translucent'],
        ];
        yield 'P5: clear and sunny, flake' => [
            Readings::of(LureKind::SwimJig, inches: 50, sky: Sky::Sun, forage: Forage::Shad, tint: Tint::None),
            ['trailer.surface' => 'flake', 'trailer.opacity' => 'translucent'],
        ];
        yield 'P5: cloud, matte' => [
            Readings::of(LureKind::SwimJig, inches: 50, sky: Sky::Overcast, forage: Forage::Shad, tint: Tint::None),
            ['trailer.surface' => 'matte'],
        ];
        yield 'P4: cloud over a see-through skirt' => [
            Readings::of(LureKind::SwimJig, inches: 44, sky: Sky::Overcast, forage: Forage::Shad, tint: Tint::None),
            ['trailer.base' => 'white'],
        ];
        yield 'D4: always chartreuse and white' => [
            Readings::of(
                LureKind::SwimJig,
                inches: 70,
                tint: Tint::None,
                forage: Forage::Shad,
                schools: new Schools(shadStart: ShadStartSchool::ChartreuseWhite),
            ),
            ['skirt.base' => 'chartreuse', 'skirt.accents' => 'white'],
        ];
        yield 'D1 one tone in mud' => [
            Readings::of(LureKind::SwimJig, inches: 6, forage: Forage::Crawfish, schools: new Schools(pairing: PairingSchool::OneTone)),
            ['pairing' => 'match', 'trailer.base' => 'black'],
        ];
        yield 'D1 forage mix' => [
            Readings::of(LureKind::SwimJig, inches: 40, forage: Forage::Bluegill, schools: new Schools(pairing: PairingSchool::ForageMix)),
            ['pairing' => 'accent', 'trailer.base' => 'watermelon', 'trailer.accents' => 'red'],
        ];
        yield 'F6 perch' => [
            Readings::of(LureKind::SwimJig, inches: 30, forage: Forage::Perch),
            ['skirt.base' => 'yellow', 'skirt.accents' => 'orange+black'],
        ];
        yield 'F6 golden shiner' => [
            Readings::of(LureKind::SwimJig, inches: 30, forage: Forage::GoldenShiner),
            ['skirt.base' => 'gold', 'skirt.accents' => 'orange'],
        ];
        yield 'F6 crappie in clear water' => [
            Readings::of(LureKind::SwimJig, inches: 50, forage: Forage::Crappie, tint: Tint::None),
            ['skirt.base' => 'smoke', 'skirt.accents' => 'black'],
        ];
        yield 'F7: blue seen goes into skirt and trailer' => [
            Readings::of(LureKind::SwimJig, inches: 30, forage: Forage::Bluegill, seen: [Colour::Blue]),
            ['skirt.accents' => 'blue+orange', 'trailer.accents' => 'blue+orange'],
        ];
    }
}
