<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Lure\Arm;
use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Run;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\FinishSchool;
use Kontrast\Reading\Forage;
use Kontrast\Reading\JigClearSchool;
use Kontrast\Reading\JigStrandsSchool;
use Kontrast\Reading\PairingSchool;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Schools;
use Kontrast\Reading\Season;
use Kontrast\Reading\ShadStartSchool;
use Kontrast\Reading\ShallowLineSchool;
use Kontrast\Reading\Sky;
use Kontrast\Reading\SpinnerbaitTrailerSchool;
use Kontrast\Reading\StainedTrailerSchool;
use Kontrast\Reading\StrandsSchool;
use Kontrast\Reading\Tint;
use Kontrast\Reading\WarmingGrassSchool;
use Kontrast\Reading\Wind;
use Kontrast\Reading\WoodSchool;
use Kontrast\Rulebook\Adviser;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/**
 * What the facts of the trade imply for readings that name them. Common practice, no source.
 */
final class FactsTest extends TestCase
{
    private static ?Adviser $adviser = null;

    /** @param array<string, string> $picks expected keys by pick, several joined by " + " */
    #[DataProvider('blades')]
    #[DataProvider('skirts')]
    #[DataProvider('trailers')]
    #[DataProvider('pairings')]
    #[DataProvider('weights')]
    #[DataProvider('hooks')]
    #[DataProvider('schools')]
    #[DataProvider('sets')]
    #[DataProvider('changed')]
    #[DataProvider('questions')]
    public function testTheAdviceIsWhatTheFactSays(Reading $reading, array $picks): void
    {
        $told = [];
        self::$adviser ??= Adviser::standard();
        foreach (self::$adviser->advise($reading)->reasons as $reason) {
            $told[$reason->slot->value][] = $reason->value->key;
        }
        self::assertSame($picks, array_map(
            static fn (string $pick): string => implode(' + ', $told[$pick] ?? []),
            array_combine(array_keys($picks), array_keys($picks)),
        ));
    }

    /** @return iterable<string, array{Reading, array<string, string>}> */
    public static function blades(): iterable
    {
        $of = Readings::of(...);
        $spinnerbait = LureKind::Spinnerbait;
        yield 'B3: clear water takes silver' => [$of($spinnerbait, 48, forage: Forage::Shad), ['blades.finish' => 'silver']];
        yield 'B3: stained water takes gold' => [$of($spinnerbait, 26), ['blades.finish' => 'gold']];
        yield 'B3: dirty water takes gold' => [$of($spinnerbait, 12, forage: Forage::Crawfish), ['blades.finish' => 'gold']];
        yield 'B3: early run-off takes gold' => [
            $of($spinnerbait, 14, Tint::Clay, season: Season::EarlySpring),
            ['blades.finish' => 'gold'],
        ];
        yield 'B4: mud in the sun takes bare metal, one of each' => [
            $of($spinnerbait, 4, Tint::Clay, Sky::Sun),
            ['blades.finish' => 'gold', 'blades.front.finish' => 'silver'],
        ];
        yield 'B4: mud under cloud takes paint' => [
            $of($spinnerbait, 4, Tint::Green, Sky::Overcast),
            ['blades.finish' => 'painted_chartreuse'],
        ];
        yield 'B4: very clear in the sun takes paint' => [$of($spinnerbait, 84, sky: Sky::Sun), ['blades.finish' => 'green_pumpkin']];
        yield 'B4, B14: very clear under cloud takes metal, gold for sunfish' => [
            $of($spinnerbait, 84, sky: Sky::Overcast),
            ['blades.finish' => 'gold'],
        ];
        yield 'B6: night takes black on black' => [
            $of($spinnerbait, 30, sky: Sky::Night),
            ['blades.finish' => 'black', 'skirt.base' => 'black'],
        ];
        yield 'B6: a storm takes black on black' => [
            $of($spinnerbait, 30, sky: Sky::Storm),
            ['blades.finish' => 'black', 'skirt.base' => 'black'],
        ];
        yield 'B8: very clear and colourless with shad takes silver, even in the sun, for it names that water exactly' => [
            $of($spinnerbait, 80, Tint::None, Sky::Sun, forage: Forage::Shad),
            ['blades.finish' => 'silver'],
        ];
        yield 'B14: crawfish keep gold in clear water' => [
            $of($spinnerbait, 44, forage: Forage::Crawfish),
            ['blades.finish' => 'gold', 'set' => 'flash'],
        ];
        yield 'F3 with B3: sunfish in moderate stain stay with gold, since two facts say so against one for copper' => [
            $of(LureKind::BladedJig, 27),
            ['blades.finish' => 'gold'],
        ];
        yield 'F6: golden shiners take gold in clear water too' => [
            $of($spinnerbait, 46, forage: Forage::GoldenShiner),
            ['blades.finish' => 'gold'],
        ];
        yield 'W7: chop on coloured water takes gold' => [$of(LureKind::BladedJig, 40, wind: Wind::Chop), ['blades.finish' => 'gold']];
        yield 'B1: clear water takes long blades' => [$of($spinnerbait, 60), ['blades.shape' => 'willow']];
        yield 'B1: dirty water takes round blades' => [
            $of($spinnerbait, 14),
            ['blades.shape' => 'colorado', 'blades.front.shape' => 'colorado'],
        ];
        yield 'B10: mud takes a #2 ahead of a deep #5' => [
            $of($spinnerbait, 5, sky: Sky::Overcast),
            ['blades.shape' => 'deep_colorado', 'blades.size' => '#5', 'blades.front.shape' => 'colorado', 'blades.front.size' => '#2'],
        ];
        yield 'B10, S22: big shad in early spring take a willow #5 behind a Colorado #2' => [
            $of($spinnerbait, 40, Tint::None, season: Season::EarlySpring, forage: Forage::Shad, surface: 50, forageInches: 6),
            ['blades.shape' => 'willow', 'blades.size' => '#5', 'blades.front.shape' => 'colorado', 'blades.front.size' => '#2'],
        ];
        yield 'B11: a short arm takes one big blade' => [
            $of($spinnerbait, 24, arm: Arm::Short),
            ['blades.layout' => 'single', 'blades.size' => '#6'],
        ];
        yield 'B2: tiny food takes a small blade' => [$of($spinnerbait, 40, forageInches: 2), ['blades.size' => '#3']];
        yield 'B2: big food takes a big blade' => [$of($spinnerbait, 40, forageInches: 6), ['blades.size' => '#6']];
    }

    /** @return iterable<string, array{Reading, array<string, string>}> */
    public static function skirts(): iterable
    {
        $of = Readings::of(...);
        $jig = LureKind::Jig;
        $craw = Forage::Crawfish;
        yield 'S1: a jig at ten inches is black and blue' => [
            $of($jig, 10, forage: $craw),
            ['skirt.base' => 'black', 'skirt.accents' => 'blue'],
        ];
        yield 'S1: in rain black and blue holds on to two and a half feet' => [
            $of($jig, 30, sky: Sky::Rain, forage: $craw),
            ['skirt.base' => 'black', 'skirt.accents' => 'blue'],
        ];
        yield 'S2: eight inches in the rain is black with chartreuse' => [
            $of($jig, 8, sky: Sky::Rain, forage: $craw),
            ['skirt.base' => 'black', 'skirt.accents' => 'chartreuse'],
        ];
        yield 'S3: three and a half feet is plain brown' => [
            $of($jig, 42, forage: $craw, cover: Cover::Dock),
            ['skirt.base' => 'brown', 'skirt.accents' => ''],
        ];
        yield 'S4: early spring in the fifties is brown and orange' => [
            $of($jig, 42, season: Season::EarlySpring, forage: $craw, surface: 57),
            ['skirt.base' => 'brown', 'skirt.accents' => 'orange'],
        ];
        yield 'S5: fall is brown with blue and orange' => [
            $of($jig, 38, season: Season::Fall, forage: $craw, surface: 66),
            ['skirt.base' => 'brown', 'skirt.accents' => 'blue + orange'],
        ];
        yield 'S6: cold rock is brown and orange with a solid blue trailer' => [
            $of($jig, 24, season: Season::EarlySpring, cover: Cover::Rock, forage: $craw, surface: 49),
            ['skirt.base' => 'brown', 'skirt.accents' => 'orange', 'trailer.base' => 'blue', 'trailer.accents' => ''],
        ];
        yield 'S7: past five feet green pumpkin, the trailer the same' => [
            $of($jig, 90, forage: $craw),
            ['skirt.base' => 'green_pumpkin', 'trailer.base' => 'green_pumpkin', 'skirt.material' => 'silicone'],
        ];
        yield 'S10: clear takes orange and brown in the green pumpkin' => [
            $of(LureKind::BladedJig, 54, forage: $craw),
            ['skirt.base' => 'green_pumpkin', 'skirt.accents' => 'orange + brown'],
        ];
        yield 'S10: stain takes green pumpkin with orange and brown, down to a foot and a half' => [
            $of(LureKind::BladedJig, 27, forage: $craw),
            ['skirt.base' => 'green_pumpkin', 'skirt.accents' => 'orange + brown'],
        ];
        yield 'S10: dirty takes black and blue' => [
            $of(LureKind::BladedJig, 12, forage: $craw),
            ['skirt.base' => 'black', 'skirt.accents' => 'blue'],
        ];
        yield 'F3: sunfish are never one solid colour' => [
            $of(LureKind::BladedJig, 30),
            ['skirt.base' => 'green_pumpkin', 'skirt.accents' => 'orange + blue'],
        ];
        yield 'F2: shad in stain are white' => [$of(LureKind::BladedJig, 26, forage: Forage::Shad), ['skirt.base' => 'white']];
        yield 'S8: shad in very clear water are see-through smoke' => [
            $of(LureKind::SwimJig, 84, forage: Forage::Shad),
            ['skirt.base' => 'smoke', 'skirt.opacity' => 'translucent', 'skirt.material' => 'silicone'],
        ];
        yield 'S8: the scale pattern of baitfish begins at three feet' => [
            Readings::of(LureKind::SwimJig, 36, forage: Forage::Shad),
            ['skirt.strands' => 'scaled'],
        ];
        yield 'S8: dirty water takes solid colours only' => [
            $of(LureKind::SwimJig, 12, forage: Forage::Shad),
            ['skirt.base' => 'white', 'skirt.opacity' => 'opaque'],
        ];
        yield 'S9: beside gold chartreuse-white edges ahead' => [
            $of(LureKind::BladedJig, 12, forage: Forage::Shad),
            ['blades.finish' => 'gold', 'skirt.base' => 'chartreuse', 'skirt.accents' => 'white'],
        ];
        yield 'S11: opaque run-off is black-blue on black-blue, shad or not, for it names that water exactly' => [
            $of($jig, 4, Tint::Clay, forage: $craw),
            ['skirt.base' => 'black', 'pairing' => 'match', 'trailer.base' => 'black'],
        ];
        yield 'S12: in tea a bladed jig keeps a natural skirt and takes gold' => [
            $of(LureKind::BladedJig, 22, Tint::Tannic, Sky::Rain),
            ['skirt.base' => 'green_pumpkin', 'blades.finish' => 'gold'],
        ];
        yield 'F5: turned crawfish put red and orange under green pumpkin, even in mud' => [
            $of(LureKind::BladedJig, 9, Tint::Clay, season: Season::EarlySpring, forage: $craw, surface: 56, red: true),
            ['skirt.base' => 'green_pumpkin', 'skirt.belly' => 'red', 'skirt.accents' => 'orange + red'],
        ];
        yield 'F5: not before fifty degrees' => [
            $of(LureKind::BladedJig, 9, Tint::Clay, season: Season::EarlySpring, forage: $craw, surface: 46, red: true),
            ['skirt.base' => 'black'],
        ];
        yield 'F7: a colour seen on the food becomes an accent' => [
            $of(LureKind::BladedJig, 27, forage: $craw, seen: [Colour::Purple]),
            ['skirt.accents' => 'purple + orange'],
        ];
        yield 'S14: cold water takes living rubber' => [
            $of($jig, 24, season: Season::Winter, forage: $craw, surface: 42),
            ['skirt.material' => 'living_rubber'],
        ];
        yield 'S17: a bladed jig in spring grass goes without a skirt' => [
            $of(LureKind::BladedJig, 30, season: Season::EarlySpring, cover: Cover::Grass, forage: Forage::Shad, surface: 52, trend: 3),
            [
                'skirt.trim' => 'none',
                'trailer.style' => 'paddle_tail',
                'trailer.length_in' => '5 in',
                'trailer.base' => 'watermelon',
                'trailer.belly' => 'pearl',
            ],
        ];
        yield 'S18: cold and muddy is yellow rubber with lime and white' => [
            $of(LureKind::Spinnerbait, 5, season: Season::LateWinter, surface: 43),
            ['skirt.base' => 'yellow', 'skirt.accents' => 'chartreuse + white', 'skirt.material' => 'living_rubber'],
        ];
        yield 'S19: low over clear grass a swim jig is green pumpkin' => [
            $of(LureKind::SwimJig, 54, cover: Cover::Grass, run: Run::Low),
            ['skirt.base' => 'green_pumpkin'],
        ];
        yield 'S22: dying shad in early spring' => [
            $of(LureKind::Spinnerbait, 40, Tint::None, season: Season::EarlySpring, forage: Forage::Shad, surface: 50, forageInches: 6),
            ['skirt.base' => 'white', 'skirt.belly' => 'chartreuse + orange', 'skirt.trim' => 'long_tail', 'trailer' => 'no'],
        ];
        yield 'F6: perch are yellow with orange and dark bars' => [
            $of(LureKind::SwimJig, 30, forage: Forage::Perch),
            ['skirt.base' => 'yellow', 'skirt.accents' => 'orange + black'],
        ];
    }

    /** @return iterable<string, array{Reading, array<string, string>}> */
    public static function trailers(): iterable
    {
        $of = Readings::of(...);
        yield 'T1: crawfish take a craw' => [$of(LureKind::BladedJig, 30, forage: Forage::Crawfish), ['trailer.style' => 'craw']];
        yield 'T2: shad in stain take a paddle tail' => [
            $of(LureKind::BladedJig, 24, forage: Forage::Shad),
            ['trailer.style' => 'paddle_tail'],
        ];
        yield 'T3: shad in clear water take a fork-tail' => [
            $of(LureKind::BladedJig, 70, forage: Forage::Shad),
            ['trailer.style' => 'fork_tail'],
        ];
        yield 'T4: sunfish take twin tails' => [$of(LureKind::SwimJig, 30), ['trailer.style' => 'twin_tail_grub']];
        yield 'T5, T6: a spinnerbait in dirty water takes a grub' => [
            $of(LureKind::Spinnerbait, 12),
            ['trailer' => 'yes', 'trailer.style' => 'single_tail_grub'],
        ];
        yield 'T6: in warm clear water it takes none' => [$of(LureKind::Spinnerbait, 60), ['trailer' => 'no']];
        yield 'T6: in cold water it takes one' => [
            $of(LureKind::Spinnerbait, 60, season: Season::Winter, surface: 44),
            ['trailer' => 'yes'],
        ];
        yield 'T7: a jig in cold water takes a chunk' => [
            $of(LureKind::Jig, 40, season: Season::Winter, surface: 44),
            ['trailer.style' => 'chunk'],
        ];
        yield 'T8: cold takes a bigger meal' => [
            $of(LureKind::BladedJig, 40, season: Season::Winter, surface: 44, forageInches: 3),
            ['trailer.length_in' => '4.5 in'],
        ];
        yield 'T8: the low sixties take three inches' => [
            $of(LureKind::Jig, 40, season: Season::Spring, surface: 63, forageInches: 4),
            ['trailer.length_in' => '3 in'],
        ];
        yield 'T8: fall is small and see-through' => [
            $of(LureKind::SwimJig, 50, season: Season::Fall, forage: Forage::Shad, surface: 62, forageInches: 3.5),
            ['trailer.length_in' => '3 in', 'trailer.opacity' => 'translucent'],
        ];
        yield 'T8: otherwise as long as the food' => [$of(LureKind::SwimJig, 30, forageInches: 4.1), ['trailer.length_in' => '4 in']];
        yield 'T9: in timber a bladed jig takes a wide base' => [
            $of(LureKind::BladedJig, 30, cover: Cover::Wood),
            ['trailer.style' => 'craw'],
        ];
        yield 'P5: clear and sunny takes flake' => [
            $of(LureKind::SwimJig, 60, sky: Sky::Sun),
            ['trailer.surface' => 'flake', 'trailer.opacity' => 'translucent'],
        ];
        yield 'P5: cloud takes matte' => [$of(LureKind::SwimJig, 60, sky: Sky::Overcast), ['trailer.surface' => 'matte']];
    }

    /** @return iterable<string, array{Reading, array<string, string>}> */
    public static function pairings(): iterable
    {
        $of = Readings::of(...);
        foreach ([[84, 'match'], [48, 'tonal'], [27, 'accent'], [10, 'contrast']] as [$inches, $pairing]) {
            yield "P1: at $inches inches the ladder says $pairing" => [$of(LureKind::BladedJig, $inches), ['pairing' => $pairing]];
        }
        yield 'W6: calm, bright and slow takes all contrast out, whatever the ladder says' => [
            $of(LureKind::BladedJig, 27, sky: Sky::Sun, wind: Wind::Calm, bite: Bite::Tough),
            ['pairing' => 'match'],
        ];
        yield 'P2: fall in clear water matches' => [$of(LureKind::SwimJig, 48, season: Season::Fall, surface: 62), ['pairing' => 'match']];
        yield 'P1: black goes with bright blue when it dirties' => [$of(LureKind::Jig, 10), ['trailer.base' => 'bright_blue']];
        yield 'F4: a dark shell has brighter pincers' => [
            $of(LureKind::Jig, 10, forage: Forage::Crawfish),
            ['trailer.accents' => 'orange'],
        ];
    }

    /** @return iterable<string, array{Reading, array<string, string>}> */
    public static function weights(): iterable
    {
        $of = Readings::of(...);
        yield 'Z1: three feet is 3/8 of 1/4 to 1/2' => [
            $of(LureKind::Spinnerbait, feet: 3),
            ['head.weight_oz' => '3/8 oz', 'head.weight_range_oz' => '1/4 oz to 1/2 oz'],
        ];
        yield 'Z1: twelve feet is 1/2 of 1/2 to 5/8' => [
            $of(LureKind::Spinnerbait, feet: 12),
            ['head.weight_oz' => '1/2 oz', 'head.weight_range_oz' => '1/2 oz to 5/8 oz'],
        ];
        yield 'Z1: thirty-six feet is the heaviest' => [
            $of(LureKind::Spinnerbait, feet: 38),
            ['head.weight_oz' => '1-1/2 oz', 'head.weight_range_oz' => '3/4 oz to 1-1/2 oz'],
        ];
        yield 'Z2: grass is light' => [
            $of(LureKind::BladedJig, feet: 5, cover: Cover::Grass),
            ['head.weight_range_oz' => '5/16 oz to 3/8 oz'],
        ];
        yield 'Z2: wood is heavier' => [$of(LureKind::BladedJig, feet: 5, cover: Cover::Wood), ['head.weight_oz' => '1/2 oz']];
        yield 'Z2: fall shallows are 3/8, rock or not' => [
            $of(LureKind::BladedJig, feet: 3, season: Season::Fall, cover: Cover::Rock),
            ['head.weight_oz' => '3/8 oz'],
        ];
        yield 'Z3: high is 5/16' => [$of(LureKind::SwimJig, run: Run::High), ['head.weight_oz' => '5/16 oz']];
        yield 'Z4: cold rock is 3/8, even thick' => [
            $of(LureKind::Jig, season: Season::Winter, cover: Cover::Rock, density: CoverDensity::Heavy, surface: 46),
            ['head.weight_oz' => '3/8 oz'],
        ];
    }

    /** @return iterable<string, array{Reading, array<string, string>}> */
    public static function hooks(): iterable
    {
        $of = Readings::of(...);
        yield 'H1: on, as a rule' => [$of(LureKind::Spinnerbait), ['trailer_hook.fit' => 'yes', 'trailer_hook.size' => '2/0']];
        yield 'H1: off in heavy cover' => [
            $of(LureKind::Spinnerbait, cover: Cover::Wood, density: CoverDensity::Heavy),
            ['trailer_hook.fit' => 'no'],
        ];
        yield 'H1: heavy but open water leaves it on' => [
            $of(LureKind::Spinnerbait, density: CoverDensity::Heavy),
            ['trailer_hook.fit' => 'yes'],
        ];
        yield 'H1: never on a short arm' => [$of(LureKind::Spinnerbait, arm: Arm::Short), ['trailer_hook.fit' => 'no']];
        yield 'H2: small goes with 1/0' => [$of(LureKind::Spinnerbait, forageInches: 2), ['trailer_hook.size' => '1/0']];
        yield 'H2: three quarters goes with 3/0' => [$of(LureKind::Spinnerbait, feet: 22), ['trailer_hook.size' => '3/0']];
        yield 'H2: an ounce and more goes with 4/0' => [$of(LureKind::Spinnerbait, feet: 33), ['trailer_hook.size' => '4/0']];
    }

    /** @return iterable<string, array{Reading, array<string, string>}> */
    public static function schools(): iterable
    {
        $of = Readings::of(...);
        $bladed = LureKind::BladedJig;
        yield 'D1: one tone matches in mud' => [
            $of($bladed, 8, schools: new Schools(pairing: PairingSchool::OneTone)),
            ['pairing' => 'match', 'trailer.base' => 'green_pumpkin'],
        ];
        yield 'D1: forage mix takes watermelon and red' => [
            $of($bladed, 27, schools: new Schools(pairing: PairingSchool::ForageMix)),
            ['pairing' => 'accent', 'trailer.base' => 'watermelon'],
        ];
        yield 'D2: by water only, clear sun stays silver' => [
            $of($bladed, 84, sky: Sky::Sun, forage: Forage::Shad, tint: Tint::Green, schools: new Schools(finish: FinishSchool::Water)),
            ['blades.finish' => 'silver'],
        ];
        yield 'D2: by sun only, stain under cloud is metal' => [
            $of($bladed, 27, sky: Sky::Overcast, schools: new Schools(finish: FinishSchool::Sun)),
            ['blades.finish' => 'gold'],
        ];
        yield 'D2: two blades, calm is dull' => [
            $of($bladed, 60, sky: Sky::Sun, wind: Wind::Calm, bite: Bite::Tough, schools: new Schools(finish: FinishSchool::TwoBlade)),
            ['blades.finish' => 'green_pumpkin'],
        ];
        yield 'D2: two blades, tint is gold' => [
            $of($bladed, 27, schools: new Schools(finish: FinishSchool::TwoBlade)),
            ['blades.finish' => 'gold'],
        ];
        yield 'D3: bright is in the forage’s own bright colors' => [
            $of($bladed, 10, schools: new Schools(dirty: DirtySchool::Bright)),
            ['skirt.base' => 'chartreuse', 'skirt.accents' => 'orange + blue'],
        ];
        yield 'D3: natural stays with green pumpkin' => [
            $of($bladed, 10, schools: new Schools(dirty: DirtySchool::Natural)),
            ['skirt.base' => 'green_pumpkin'],
        ];
        yield 'D4: always chartreuse-white' => [
            $of($bladed, 84, forage: Forage::Shad, schools: new Schools(shadStart: ShadStartSchool::ChartreuseWhite)),
            ['skirt.base' => 'chartreuse', 'skirt.accents' => 'white'],
        ];
        yield 'D6: keep it out of wood' => [
            $of($bladed, cover: Cover::Wood, schools: new Schools(wood: WoodSchool::Avoid)),
            ['lure' => 'jig'],
        ];
        yield 'W8: a late-winter rise is a bladed jig’s' => [
            $of(LureKind::Jig, feet: 4, season: Season::LateWinter, surface: 43, trend: 6),
            ['lure' => 'bladed_jig'],
        ];
    }

    /** @return iterable<string, array{Reading, array<string, string>}> section M */
    public static function sets(): iterable
    {
        $of = Readings::of(...);
        [$spinnerbait, $bladed] = [LureKind::Spinnerbait, LureKind::BladedJig];
        yield 'M1: tough, calm and bright is dull, painted like the skirt' => [
            $of($bladed, 40, Tint::None, Sky::Sun, wind: Wind::Calm, bite: Bite::Tough),
            ['set' => 'dull', 'pairing' => 'match', 'blades.finish' => 'green_pumpkin', 'skirt.base' => 'green_pumpkin'],
        ];
        yield 'M1: the same among shad is white on white' => [
            $of($bladed, 30, Tint::None, Sky::Sun, wind: Wind::Calm, forage: Forage::Shad, bite: Bite::Tough),
            ['set' => 'dull', 'blades.finish' => 'painted_white', 'skirt.base' => 'white'],
        ];
        yield 'M1, B8: super clear, gold under black ink' => [
            $of($bladed, 110, Tint::None, Sky::Overcast, forage: Forage::Bluegill),
            ['set' => 'dull', 'blades.finish' => 'gold', 'blades.darkened' => 'yes'],
        ];
        yield 'M2: night is one dark outline' => [
            $of($spinnerbait, 30, sky: Sky::Night),
            ['set' => 'dark', 'blades.finish' => 'black', 'skirt.base' => 'black'],
        ];
        yield 'M2: opaque brown under cloud, for crawfish' => [
            $of($bladed, 4, Tint::Clay, Sky::Overcast, forage: Forage::Crawfish),
            ['set' => 'dark', 'blades.finish' => 'black', 'skirt.base' => 'black'],
        ];
        yield 'M2: dirty and dim, the spinnerbait of sunfish' => [
            $of($spinnerbait, 10, Tint::Green, Sky::LowSun),
            ['set' => 'dark', 'blades.finish' => 'black', 'skirt.base' => 'black', 'trailer.base' => 'blue'],
        ];
        yield 'X13: opaque brown by day is no dark set for shad' => [
            $of($spinnerbait, 4, Tint::Clay, Sky::Overcast, forage: Forage::Shad),
            ['set' => 'bright', 'blades.finish' => 'painted_chartreuse'],
        ];
        yield 'M3: the everyday set has one flash' => [
            $of($bladed, 27, Tint::Green, Sky::Sun),
            ['set' => 'flash', 'blades.finish' => 'gold', 'skirt.base' => 'green_pumpkin'],
        ];
        yield 'M3, B14: sunfish keep gold at forty-four inches' => [
            $of($spinnerbait, 44, Tint::None, Sky::Sun),
            ['set' => 'flash', 'blades.finish' => 'gold'],
        ];
        yield 'B14: crawfish keep gold at forty-four inches' => [
            $of($bladed, 44, Tint::None, Sky::Sun, forage: Forage::Crawfish),
            ['set' => 'flash', 'blades.finish' => 'gold'],
        ];
        yield 'B14: shad in clear water take silver' => [
            $of($bladed, 44, Tint::None, Sky::Sun, forage: Forage::Shad),
            ['set' => 'flash', 'blades.finish' => 'silver'],
        ];
        yield 'M4: dirty water for shad is bright' => [
            $of($spinnerbait, 12, Tint::Green, Sky::Sun, forage: Forage::Shad),
            ['set' => 'bright', 'blades.finish' => 'gold', 'skirt.base' => 'chartreuse', 'skirt.accents' => 'white'],
        ];
        yield 'M4: schooling fish, a hot blade over the skirt that the water asks for' => [
            $of($spinnerbait, 80, Tint::None, Sky::Sun, forage: Forage::Shad, bass: Bass::Spotted)->with(schooling: true),
            ['set' => 'bright', 'blades.finish' => 'painted_chartreuse', 'skirt.base' => 'smoke'],
        ];
        yield 'B5: schooling largemouth keep silver, hot paint comes next' => [
            $of($spinnerbait, 80, Tint::None, Sky::Sun, forage: Forage::Shad)->with(schooling: true),
            ['set' => 'flash', 'blades.finish' => 'silver'],
        ];
        yield 'M5: a green pumpkin blade has a green pumpkin skirt' => [
            $of($bladed, 10, Tint::Green, Sky::Overcast),
            ['set' => 'dull', 'blades.finish' => 'green_pumpkin', 'skirt.base' => 'green_pumpkin'],
        ];
        yield 'M6: orange on natural for crawfish that have turned' => [
            $of($bladed, 40, season: Season::EarlySpring, forage: Forage::Crawfish, surface: 55, red: true),
            ['set' => 'bright', 'blades.finish' => 'painted_orange', 'skirt.base' => 'green_pumpkin'],
        ];
        yield 'a jig has no blade and no set' => [$of(LureKind::Jig), ['set' => '']];
    }

    /** @return iterable<string, array{Reading, array<string, string>}> what the trade says otherwise than it was written down before */
    public static function changed(): iterable
    {
        $of = Readings::of(...);
        [$jig, $swim, $spinnerbait, $bladed] = [LureKind::Jig, LureKind::SwimJig, LureKind::Spinnerbait, LureKind::BladedJig];
        yield 'F4, S20: dark crawfish with light claws' => [
            $of($jig, 12, sky: Sky::Sun, forage: Forage::Crawfish),
            ['skirt.base' => 'black', 'trailer.base' => 'green_pumpkin'],
        ];
        yield 'D3: a bladed jig stays green for sunfish in dirty water' => [
            $of($bladed, 12, sky: Sky::Sun),
            ['skirt.base' => 'green_pumpkin'],
        ];
        yield 'K5: panfish in off-color water have gold and a little maroon in the green pumpkin' => [
            $of($bladed, 12, tint: Tint::Clay),
            ['skirt.base' => 'green_pumpkin', 'skirt.accents' => 'gold + maroon'],
        ];
        yield 'D3: a bladed jig is dark for crawfish in dirty water' => [
            $of($bladed, 12, sky: Sky::Sun, forage: Forage::Crawfish),
            ['skirt.base' => 'black', 'blades.finish' => 'gold'],
        ];
        yield 'D3: a bladed jig is bright for shad in dirty water' => [
            $of($bladed, 12, sky: Sky::Sun, forage: Forage::Shad),
            ['set' => 'bright', 'skirt.base' => 'chartreuse'],
        ];
        yield 'D3: a spinnerbait is bright by day, in the colors of perch' => [
            $of($spinnerbait, 12, sky: Sky::Sun, forage: Forage::Perch),
            ['set' => 'bright', 'skirt.base' => 'yellow'],
        ];
        yield 'D3: a jig is dark' => [$of($jig, 12, sky: Sky::Sun), ['skirt.base' => 'black']];
        yield 'S17: skirtless away from grass wears the colors of shad' => [
            $of($bladed, 40, season: Season::LateWinter, cover: Cover::Wood, forage: Forage::Shad, surface: 44, trend: 5, feet: 4),
            ['skirt.trim' => 'none', 'trailer.base' => 'smoke', 'trailer.belly' => 'pearl'],
        ];
        yield 'S17: skirtless in grass is watermelon over pearl' => [
            $of($bladed, 40, season: Season::LateWinter, cover: Cover::Grass, forage: Forage::Shad, surface: 44, trend: 5, feet: 4),
            ['skirt.trim' => 'none', 'trailer.base' => 'watermelon', 'trailer.belly' => 'pearl'],
        ];
        yield 'S18: really cold and dirty, rubber in yellow, lime and white' => [
            $of($spinnerbait, 12, sky: Sky::Sun, season: Season::Winter, surface: 42),
            ['skirt.base' => 'yellow', 'skirt.material' => 'living_rubber'],
        ];
        yield 'S26: smoke over pearl' => [
            $of($swim, 84, Tint::None, Sky::Overcast, forage: Forage::Shad),
            ['skirt.base' => 'smoke', 'skirt.belly' => 'pearl'],
        ];
        yield 'T3: a slim paddle tail on a fall bladed jig' => [
            $of($bladed, 60, season: Season::Fall, forage: Forage::Shad, forageInches: 3),
            ['trailer.style' => 'paddle_tail', 'trailer.length_in' => '3 in'],
        ];
        yield 'T7: the chunk before the craw at a cold dock' => [
            $of($jig, 30, season: Season::Winter, cover: Cover::Dock, forage: Forage::Bluegill, surface: 44),
            ['trailer.style' => 'chunk'],
        ];
        yield 'T13: sunfish early are slender on a bladed jig' => [
            $of($bladed, 30, season: Season::EarlySpring, surface: 58),
            ['trailer.style' => 'fork_tail'],
        ];
        yield 'T13: and deep-bodied later' => [$of($bladed, 30, season: Season::Summer, surface: 80), ['trailer.style' => 'paddle_tail']];
        yield 'T14: shad on a swim jig take a fork-tail' => [$of($swim, 30, forage: Forage::Shad), ['trailer.style' => 'fork_tail']];
        yield 'Z10: three sixteenths for what is tiny' => [
            $of($spinnerbait, 30, feet: 1.5, forageInches: 1.5),
            ['head.weight_oz' => '3/16 oz'],
        ];
    }

    /** @return iterable<string, array{Reading, array<string, string>}> D7 to D14 */
    public static function questions(): iterable
    {
        $of = Readings::of(...);
        [$jig, $spinnerbait, $bladed] = [LureKind::Jig, LureKind::Spinnerbait, LureKind::BladedJig];
        $shad = static fn (StainedTrailerSchool $school): Reading => $of(
            $bladed,
            24,
            Tint::Green,
            Sky::Sun,
            forage: Forage::Shad,
            schools: new Schools(stainedTrailer: $school),
        );
        yield 'D7: two-tone' => [$shad(StainedTrailerSchool::TwoTone), ['trailer.accents' => 'green_pumpkin']];
        yield 'D7: plain' => [$shad(StainedTrailerSchool::Plain), ['trailer.base' => 'white', 'trailer.accents' => '']];
        yield 'D7: the same' => [$shad(StainedTrailerSchool::Same), ['skirt.base' => 'white', 'trailer.base' => 'white']];
        yield 'D8: solid strands' => [
            $of($bladed, 84, Tint::None, forage: Forage::Shad, schools: new Schools(strands: StrandsSchool::Solid)),
            ['skirt.strands' => 'solid'],
        ];
        yield 'D8: scaled as the water says' => [$of($bladed, 84, Tint::None, forage: Forage::Shad), ['skirt.strands' => 'scaled']];
        yield 'D9: monofilament in shallow stain' => [
            $of($bladed, 20, feet: 3, schools: new Schools(shallowLine: ShallowLineSchool::Monofilament)),
            ['tackle.line' => 'monofilament'],
        ];
        yield 'D10: hot paint in mud, whatever the sky' => [
            $of($spinnerbait, 4, Tint::Green, Sky::Sun, forage: Forage::Shad, schools: new Schools(finish: FinishSchool::HotMud)),
            ['blades.finish' => 'painted_chartreuse', 'set' => 'bright'],
        ];
        yield 'D11: a skirt over warming grass' => [
            $of(
                $bladed,
                40,
                season: Season::LateWinter,
                cover: Cover::Grass,
                forage: Forage::Shad,
                surface: 44,
                trend: 5,
                schools: new Schools(warmingGrass: WarmingGrassSchool::Skirt),
            ),
            ['skirt.trim' => 'trimmed'],
        ];
        yield 'D12: silicone unless cold' => [
            $of($jig, 30, surface: 70, schools: new Schools(jigStrands: JigStrandsSchool::Silicone)),
            ['skirt.material' => 'silicone'],
        ];
        yield 'D12: rubber in the cold all the same' => [
            $of($jig, 30, season: Season::Winter, surface: 44, schools: new Schools(jigStrands: JigStrandsSchool::Silicone)),
            ['skirt.material' => 'living_rubber'],
        ];
        yield 'D13: brown' => [$of($jig, 54, schools: new Schools(jigClear: JigClearSchool::Brown)), ['skirt.base' => 'brown']];
        yield 'D13: green pumpkin' => [
            $of($jig, 54, schools: new Schools(jigClear: JigClearSchool::GreenPumpkin)),
            ['skirt.base' => 'green_pumpkin'],
        ];
        yield 'D14: a long tail and no trailer' => [
            $of($spinnerbait, 12, surface: 70, schools: new Schools(spinnerbaitTrailer: SpinnerbaitTrailerSchool::LongTail)),
            ['skirt.trim' => 'long_tail', 'trailer' => 'no'],
        ];
    }
}
