<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Adviser;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/** Whole days at the water, and the lure that comes of them. Common practice, no source. */
final class WatersTest extends TestCase
{
    /** @param array<string, mixed> $expected */
    #[DataProvider('days')]
    public function testADayHasItsLure(Reading $day, array $expected): void
    {
        $build = Adviser::standard()->advise($day)->build;
        $main = $build->blades[1] ?? $build->blades[0] ?? null;
        $came = [
            'finish' => $main?->finish->value,
            'shape' => $main?->shape->value,
            'size' => $main?->size->number,
            'skirt' => $build->skirt?->base->value,
            'accents' => implode('+', array_map(static fn (Colour $colour): string => $colour->value, $build->skirt->accents ?? [])),
            'material' => $build->skirt?->material->value,
            'see_through' => 'translucent' === $build->skirt?->opacity->value,
            'trailer' => $build->trailer?->style->value,
            'trailer_in' => $build->trailer?->length->inInches(),
            'trailer_base' => $build->trailer?->base->value,
            'ounces' => $build->head->weight->inOunces(),
            'hook' => true === $build->trailerHook?->fit ? $build->trailerHook->size->label() : null,
        ];
        foreach ($expected as $what => $value) {
            \is_float($value) && \is_float($came[$what])
                ? self::assertEqualsWithDelta($value, $came[$what], 1e-6, $what)
                : self::assertSame($value, $came[$what], $what);
        }
    }

    /** @return iterable<string, array{Reading, array<string, mixed>}> */
    public static function days(): iterable
    {
        yield 'February, rock bank: cold names the chunk, though crawfish would have a craw' => [
            Readings::of(
                LureKind::Jig,
                24,
                Tint::None,
                Sky::Overcast,
                feet: 5,
                season: Season::LateWinter,
                cover: Cover::Rock,
                forage: Forage::Crawfish,
                surface: 47,
            ),
            [
                'skirt' => 'brown', 'accents' => 'orange', 'material' => 'living_rubber', 'trailer' => 'chunk',
                'trailer_base' => 'blue', 'trailer_in' => 3.5, 'ounces' => 0.375, 'finish' => null,
            ],
        ];
        yield 'March, run-off brown as a road' => [
            Readings::of(LureKind::Jig, 3, Tint::Clay, Sky::Rain, season: Season::EarlySpring, forage: Forage::Crawfish, surface: 48),
            ['skirt' => 'black', 'trailer_base' => 'black', 'trailer' => 'craw'],
        ];
        yield 'March, mud and cold, the spinnerbait' => [
            Readings::of(LureKind::Spinnerbait, 5, Tint::Green, Sky::Overcast, season: Season::LateWinter, surface: 44, forageInches: 3),
            [
                'shape' => 'deep_colorado',
                'size' => 5,
                'skirt' => 'yellow',
                'material' => 'living_rubber',
                'trailer' => 'paddle_tail',
                'trailer_in' => 3.0,
            ],
        ];
        yield 'April, the crawfish have turned' => [
            Readings::of(
                LureKind::BladedJig,
                22,
                Tint::Clay,
                season: Season::EarlySpring,
                cover: Cover::Rock,
                forage: Forage::Crawfish,
                surface: 55,
                red: true,
            ),
            ['finish' => 'painted_orange', 'skirt' => 'green_pumpkin', 'accents' => 'orange+red', 'trailer' => 'craw', 'ounces' => 0.5],
        ];
        yield 'April, the same water where they never turn' => [
            Readings::of(
                LureKind::BladedJig,
                22,
                Tint::Clay,
                season: Season::EarlySpring,
                cover: Cover::Rock,
                forage: Forage::Crawfish,
                surface: 55,
            ),
            ['skirt' => 'green_pumpkin', 'accents' => 'orange+brown'],
        ];
        yield 'May, bluegill on their beds in stain' => [
            Readings::of(
                LureKind::BladedJig,
                28,
                Tint::Green,
                season: Season::Spring,
                cover: Cover::Pads,
                surface: 68,
                seen: [Colour::Blue],
            ),
            ['finish' => 'gold', 'skirt' => 'green_pumpkin', 'accents' => 'blue+orange', 'trailer' => 'fork_tail'],
        ];
        yield 'May, sixty-three degrees: a thin three inches' => [
            Readings::of(LureKind::SwimJig, 40, Tint::None, season: Season::Spring, forage: Forage::Shad, surface: 63, forageInches: 4),
            ['trailer_in' => 3.0, 'skirt' => 'pearl', 'see_through' => true],
        ];
        yield 'June, clear reservoir of shad in the sun' => [
            Readings::of(LureKind::Spinnerbait, 100, Tint::None, Sky::Sun, feet: 12, forage: Forage::Shad, surface: 74),
            [
                'finish' => 'silver', 'shape' => 'willow', 'skirt' => 'smoke', 'see_through' => true, 'material' => 'silicone',
                'trailer' => null, 'ounces' => 0.5, 'hook' => '2/0',
            ],
        ];
        yield 'June, smallmouth that chase: hot paint, though cloud over clear water would have metal' => [
            Readings::of(
                LureKind::Spinnerbait,
                80,
                Tint::None,
                Sky::Overcast,
                forage: Forage::Crawfish,
                bite: Bite::Active,
                bass: Bass::Smallmouth,
                surface: 66,
            ),
            ['finish' => 'painted_chartreuse', 'shape' => 'willow'],
        ];
        yield 'July, a hard bright day' => [
            Readings::of(LureKind::SwimJig, 70, Tint::None, Sky::Sun, Wind::Calm, forage: Forage::Bluegill, bite: Bite::Tough, surface: 82),
            ['skirt' => 'green_pumpkin', 'trailer_base' => 'green_pumpkin', 'see_through' => true],
        ];
        yield 'July, gin-clear and sunny: gold, dulled' => [
            Readings::of(LureKind::BladedJig, 130, Tint::None, Sky::Sun, surface: 80),
            ['finish' => 'gold', 'skirt' => 'green_pumpkin'],
        ];
        yield 'August night' => [
            Readings::of(LureKind::Spinnerbait, 40, Tint::Green, Sky::Night, surface: 80),
            ['finish' => 'black', 'skirt' => 'black', 'accents' => 'blue'],
        ];
        yield 'September, shad in dirty water' => [
            Readings::of(
                LureKind::BladedJig,
                12,
                Tint::Green,
                Sky::Broken,
                season: Season::Summer,
                forage: Forage::Shad,
                surface: 78,
                forageInches: 3,
            ),
            ['finish' => 'gold', 'skirt' => 'chartreuse', 'accents' => 'white', 'see_through' => false, 'trailer' => 'paddle_tail'],
        ];
        yield 'October, shad in the shallows' => [
            Readings::of(
                LureKind::BladedJig,
                48,
                Tint::None,
                Sky::Overcast,
                Wind::Chop,
                feet: 3,
                season: Season::Fall,
                forage: Forage::Shad,
                surface: 63,
                forageInches: 3,
            ),
            ['finish' => 'silver', 'ounces' => 0.375, 'trailer' => 'paddle_tail', 'trailer_in' => 3.0],
        ];
        yield 'October, dying grass, no skirt' => [
            Readings::of(
                LureKind::BladedJig,
                40,
                Tint::Green,
                feet: 4,
                season: Season::Fall,
                cover: Cover::Grass,
                forage: Forage::Shad,
                surface: 57,
                forageInches: 5,
            ),
            ['skirt' => null, 'trailer' => 'paddle_tail', 'trailer_in' => 5.0, 'trailer_base' => 'watermelon'],
        ];
        yield 'November, tea under rain' => [
            Readings::of(
                LureKind::Spinnerbait,
                15,
                Tint::Tannic,
                Sky::Rain,
                Wind::Chop,
                feet: 6,
                season: Season::Fall,
                cover: Cover::Wood,
                surface: 48,
            ),
            [
                'skirt' => 'black',
                'accents' => 'blue',
                'trailer' => 'single_tail_grub',
                'finish' => 'gold',
                'shape' => 'colorado',
                'hook' => '2/0',
            ],
        ];
        yield 'golden shiners over the weeds' => [
            Readings::of(LureKind::Spinnerbait, 44, Tint::None, forage: Forage::GoldenShiner, forageInches: 5),
            ['finish' => 'gold', 'skirt' => 'gold', 'accents' => 'orange', 'size' => 6],
        ];
        yield 'perch along the drop' => [
            Readings::of(LureKind::SwimJig, 40, Tint::None, forage: Forage::Perch),
            ['skirt' => 'yellow', 'accents' => 'orange+black', 'trailer' => 'paddle_tail'],
        ];
        yield 'crappie in dirty water show in solid colours' => [
            Readings::of(LureKind::SwimJig, 12, Tint::Green, forage: Forage::Crappie),
            ['see_through' => false],
        ];
        yield 'deep points in winter' => [
            Readings::of(
                LureKind::Spinnerbait,
                60,
                Tint::None,
                Sky::Overcast,
                feet: 33,
                season: Season::Winter,
                forage: Forage::Shad,
                surface: 44,
            ),
            ['ounces' => 1.25, 'trailer' => 'single_tail_grub', 'hook' => '4/0'],
        ];
    }
}
