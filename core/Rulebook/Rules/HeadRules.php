<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\Colour;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Run;
use Kontrast\Lure\SkirtForm;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Season;
use Kontrast\Reading\WoodSchool;
use Kontrast\Rulebook\Part\Head;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

use function Kontrast\Rulebook\any;
use function Kontrast\Rulebook\cold;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\density;
use function Kontrast\Rulebook\depth;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\forageLength;
use function Kontrast\Rulebook\inches;
use function Kontrast\Rulebook\leadFree;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\run;
use function Kontrast\Rulebook\season;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\visibility;

/** How heavy the head, and in which colour. */
final class HeadRules
{
    private const TOUCH = 'Heavy enough to stay in touch with the bottom at this depth, even when fished above it.';

    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        yield from self::spinnerbait();
        yield from self::bladedJig();
        yield from self::swimJig();
        yield from self::jig();
        yield from self::material();
        yield from self::colour();
    }

    /** @return \Generator<int, Rule> */
    private static function spinnerbait(): \Generator
    {
        // The trade names a range for a band of depths; where in the range to start is chosen here, heavier as it gets deeper.
        $weights = [
            [0, 2, 0.25], [2, 4, 0.375], [4, 10, 0.5], [10, 15, 0.5], [15, 20, 0.625], [20, 25, 0.75], [25, 30, 1.0], [30, 35, 1.25],
            [35, 101, 1.5],
        ];
        foreach ($weights as [$from, $to, $ounces]) {
            yield rule("Z1.$from")->for(LureKind::Spinnerbait)
                ->when(0 === $from ? depth()->atMost(feet($to)) : depth()->between(feet($from), feet($to)))
                ->pick(Head::ounces($ounces))
                ->because(self::TOUCH);
        }
        yield rule('Z10')->for(LureKind::Spinnerbait)->special()
            ->when(forageLength()->atMost(inches(2)), depth()->atMost(feet(2)))
            ->pick(Head::ounces(0.1875), Head::range(0.1875, 0.25))
            ->because('Tiny forage in shallow water: a compact frame of ‹3/16 oz|three sixteenths›, where '
                .'‹1/4 oz|a quarter ounce› is still too big.');

        // From 5 to 10 ft the trade names no weights: the overlap of its neighbours stands in.
        $ranges = [[0, 5, 0.25, 0.5], [5, 10, 0.375, 0.5], [10, 20, 0.5, 0.625], [20, 101, 0.75, 1.5]];
        foreach ($ranges as [$from, $to, $least, $most]) {
            yield rule("Z1.range.$from")->for(LureKind::Spinnerbait)
                ->when(0 === $from ? depth()->atMost(feet($to)) : depth()->between(feet($from), feet($to)))
                ->pick(Head::range($least, $most))
                ->because('These weights work at this depth.');
        }
    }

    /** @return \Generator<int, Rule> */
    private static function bladedJig(): \Generator
    {
        $bladed = static fn (string $id): Rule => rule($id)->for(LureKind::BladedJig);

        yield $bladed('Z2.standard')->fallback()
            ->pick(Head::ounces(0.375), Head::range(0.375, 0.5))
            ->because('One of the two standard weights of a bladed jig.');

        yield $bladed('Z2.grass')->with('R3')
            ->when(cover(Cover::Grass, Cover::Pads))
            ->pick(Head::ounces(0.375), Head::range(0.3125, 0.375))
            ->because('Grass: a light head rides over it instead of digging in.');

        yield $bladed('Z2.grass.thin')->special()
            ->when(cover(Cover::Grass, Cover::Pads), depth()->atMost(feet(3)))
            ->pick(Head::ounces(0.3125))
            ->because('Shallow grass: the lightest head skims it.');

        yield $bladed('Z2.knock')->with('R4')->school(WoodSchool::Knock)
            ->when(cover(Cover::Wood, Cover::FloodedBrush))
            ->pick(Head::ounces(0.5), Head::range(0.375, 0.5))
            ->because('Wood: a heavier head knocks on it.');

        yield $bladed('Z2.rock')
            ->when(cover(Cover::Rock))
            ->pick(Head::ounces(0.5), Head::range(0.375, 0.5))
            ->because('Rock: a heavier head ticks along it.');

        yield $bladed('Z2.fall')->with('L4')->special()
            ->when(season(Season::Fall), depth()->atMost(feet(5)))
            ->pick(Head::ounces(0.375))
            ->because('Fall shallows, fished fast: ‹3/8 oz|three eighths of an ounce›.');
    }

    /** @return \Generator<int, Rule> */
    private static function swimJig(): \Generator
    {
        yield rule('Z3')->for(LureKind::SwimJig)->special()->with('R1')
            ->when(run(Run::High))
            ->pick(Head::ounces(0.3125), Head::range(0.25, 0.375))
            ->because('Fished within ‹1 ft|a foot› of the surface: a heavy head would pull it down.');

        yield rule('house.weight.swim_jig')->for(LureKind::SwimJig)->fallback()
            ->pick(Head::ounces(0.375), Head::range(0.3125, 0.5))
            ->because('A medium head (a default of this program).');

        yield rule('R2.head')->for(LureKind::SwimJig)
            ->when(run(Run::Low))
            ->pick(Head::ounces(0.5), Head::range(0.375, 0.5))
            ->because('Fished low: a heavier head stays down.');
    }

    /** @return \Generator<int, Rule> */
    private static function jig(): \Generator
    {
        yield rule('Z4')->for(LureKind::Jig)->special()
            ->when(cover(Cover::Rock), cold(), depth()->atMost(feet(7)))
            ->pick(Head::ounces(0.375), Head::range(0.375, 0.5))
            ->because('Cold rock banks, ‹2 ft|two feet› down to ‹6 or 7 ft|six or seven›: ‹3/8 oz|three eighths of an ounce›.');

        // The trade's facts name no other jig weights; these three are chosen.
        yield rule('house.weight.jig')->for(LureKind::Jig)->fallback()
            ->pick(Head::ounces(0.375), Head::range(0.375, 0.5))
            ->because('A medium head (a default of this program).');

        yield rule('house.weight.jig.thick')->for(LureKind::Jig)
            ->when(density(CoverDensity::Heavy))
            ->pick(Head::ounces(0.5), Head::range(0.5, 0.75))
            ->because('Heavy cover: a heavier head falls through it (a default of this program).');

        yield rule('house.weight.jig.deep')->for(LureKind::Jig)
            ->when(depth()->over(feet(12)))
            ->pick(Head::ounces(0.75), Head::range(0.5, 0.75))
            ->because('Deep water: a heavier head reaches bottom and is felt there (a default of this program).');
    }

    /** @return \Generator<int, Rule> */
    private static function material(): \Generator
    {
        yield rule('house.lead')->fallback()
            ->pick(Head::material(HeadMaterial::Lead))
            ->because('Lead, as most heads are (a default of this program; Settings has a switch for lead-free).');

        yield rule('house.tungsten')->ruling()
            ->when(leadFree())
            ->pick(Head::material(HeadMaterial::Tungsten))
            ->because('No lead: tungsten is denser, so the head is smaller for its weight and knocks harder.');

        yield rule('house.steel')->ruling()
            ->when(leadFree(), any(run(Run::High), cover(Cover::Grass, Cover::Pads)))
            ->pick(Head::material(HeadMaterial::Steel))
            ->because('No lead: steel is lighter for its size, so the head is bulkier and easier to keep up.');
    }

    /** @return \Generator<int, Rule> */
    private static function colour(): \Generator
    {
        yield rule('S21')
            ->pick(Head::likeTheSkirt())
            ->because('The head follows the color of the skirt.');

        yield rule('S21.skirtless')->special()
            ->when(settled(Slot::SkirtForm, SkirtForm::None))
            ->pick(Head::likeTheTrailer())
            ->because('Without a skirt the head follows the color of the trailer.');

        yield rule('S21.sunfish')
            ->when(
                forage(Forage::Bluegill, Forage::Perch),
                settled(Slot::SkirtBase, Colour::GreenPumpkin, Colour::Watermelon, Colour::Yellow, Colour::Gold),
            )
            ->pick(Head::colour(Colour::GreenPumpkin))
            ->because('Sunfish: a golden green head.');

        yield rule('S21.shad')->special()
            ->when(
                forage(Forage::Shad),
                settled(Slot::SkirtBase, Colour::White, Colour::Pearl, Colour::Smoke),
                visibility()->atLeast(feet(3)),
            )
            ->pick(Head::colour(Colour::Smoke))
            ->because('Shad in clear water: a gray head, as theirs is on top.');

        yield rule('S21.two_tone')->with('K4')->special()
            ->when(settled(Slot::HeadColour, Colour::Smoke), visibility()->atLeast(feet(3)))
            ->pick(Head::any()->over(Colour::White))
            ->because('Clear water: a two-tone head, gray over white.');

        yield rule('S21.two_tone.sunfish')->with('K4')->special()
            ->when(settled(Slot::HeadColour, Colour::GreenPumpkin), visibility()->atLeast(feet(3)), forage(Forage::Bluegill, Forage::Perch))
            ->pick(Head::any()->over(Colour::Gold))
            ->because('Clear water: a two-tone head, green pumpkin over gold.');

        yield rule('S21.eye')->with('K4')
            ->when(visibility()->atLeast(feet(3)))
            ->pick(Head::eye())
            ->because('Clear water: an eye on the head helps.');

        yield rule('house.eye')->fallback()
            ->pick(Head::eye(false))
            ->because('Without clear water an eye does not show (a default of this program).');
    }
}
