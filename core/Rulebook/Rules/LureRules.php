<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\Arm;
use Kontrast\Lure\LureKind;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Goal;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Reading\WoodSchool;
use Kontrast\Rulebook\Condition;
use Kontrast\Rulebook\Part\Whole;
use Kontrast\Rulebook\Rule;

use function Kontrast\Rulebook\all;
use function Kontrast\Rulebook\any;
use function Kontrast\Rulebook\arm;
use function Kontrast\Rulebook\bass;
use function Kontrast\Rulebook\beforeTheSpawn;
use function Kontrast\Rulebook\bite;
use function Kontrast\Rulebook\chasing;
use function Kontrast\Rulebook\cold;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\density;
use function Kontrast\Rulebook\depth;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\forageLength;
use function Kontrast\Rulebook\goal;
use function Kontrast\Rulebook\inches;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\season;
use function Kontrast\Rulebook\sky;
use function Kontrast\Rulebook\stainedByAnything;
use function Kontrast\Rulebook\sunny;
use function Kontrast\Rulebook\surface;
use function Kontrast\Rulebook\tint;
use function Kontrast\Rulebook\trend;
use function Kontrast\Rulebook\veryClear;
use function Kontrast\Rulebook\visibility;
use function Kontrast\Rulebook\wind;

/** Which of the four kinds suits the water. These rank the kinds; they pick no part. */
final class LureRules
{
    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        foreach (LureKind::cases() as $kind) {
            yield rule('Y5.'.$kind->value)->fallback()
                ->pick(Whole::ranked($kind))
                ->because('It catches fish in any water.');
        }

        yield from self::jig();
        yield from self::swimJig();
        yield from self::spinnerbait();
        yield from self::bladedJig();
    }

    /** @return \Generator<int, Rule> */
    private static function jig(): \Generator
    {
        $jig = static fn (string $id): Rule => rule($id)->pick(Whole::ranked(LureKind::Jig));

        yield $jig('F11.jig')->when(forage(Forage::Unknown))
            ->because('Forage not known yet: a black-blue or green pumpkin jig is the safe start.');

        yield $jig('Y1.target')->special()->when(cover(Cover::Dock, Cover::Wood, Cover::FloodedBrush, Cover::Rock))
            ->because('A target to point at: a jig is pitched right to it, at every clarity.');

        yield $jig('Y1.pitch')->when(cover(Cover::Dock, Cover::FloodedBrush))
            ->because('Cover to drop a lure into: a jig goes straight down.');

        yield $jig('Y1.deep')->when(depth()->over(feet(15)))
            ->because('Deep water: a jig is down there and stays there.');

        yield $jig('Y1.clear')->when(veryClear(), wind(Wind::Calm))
            ->because('Very clear and calm: a jig lies still and gives nothing away.');

        yield $jig('R7.jig')->with('Y1', 'O2', 'L4')->special()->when(cover(Cover::Rock), cold())
            ->because('Cold rock: a jig, slowly, touching rock.');

        yield $jig('R8.jig')->when(cold())
            ->because('Cold water: you can fish a jig more slowly than anything else.');

        yield $jig('F8.jig')->with('F4')->when(any(cover(Cover::Rock), forage(Forage::Crawfish)))
            ->because('Rock and crawfish: a jig is a crawfish on the bottom.');

        yield $jig('W6.jig')->when(bite(Bite::Tough))
            ->because('A tough bite: a jig can be left in front of a fish.');

        yield $jig('D6.jig')->with('Z2')->school(WoodSchool::Avoid)->when(cover(Cover::Wood, Cover::FloodedBrush))
            ->because('Wood: you prefer a jig because it comes through cleanly.');

        yield $jig('S1.jig')->when(density(CoverDensity::Heavy), visibility()->under(feet(1.5)))
            ->because('Heavy cover in dirty water: a black and blue jig dropped into it.');

        yield $jig('Z9.jig')->when(cover(Cover::Rock), depth()->over(feet(12)))
            ->because('Deep rock: a football jig.');

        yield $jig('S23.jig')->when(goal(Goal::Size))
            ->because('Bigger fish wanted: a dark, natural, bulky jig.');
    }

    /** @return \Generator<int, Rule> */
    private static function swimJig(): \Generator
    {
        $swimJig = static fn (string $id): Rule => rule($id)->pick(Whole::ranked(LureKind::SwimJig));

        yield $swimJig('R1.swim_jig')->with('T1')->special()->when(cover(Cover::Dock, Cover::Pads), not(cold()), depth()->atMost(feet(8)))
            ->because('Docks and pads: a swim jig skips under them and stays high.');

        yield $swimJig('R2.swim_jig')->with('S19')->when(cover(Cover::Grass), visibility()->atLeast(feet(3)), not(cold()))
            ->because('Clear water and grass: a swim jig reeled low over it.');

        yield $swimJig('Y4.limbs')->with('R1')->when(cover(Cover::Wood, Cover::FloodedBrush), not(cold()), depth()->atMost(feet(8)))
            ->because('Limbs: a swim jig comes over and through them.');

        yield $swimJig('Y4.grass')->when(cover(Cover::Grass), not(cold()))
            ->because('Grass: a swim jig is reeled over its tops.');

        yield $swimJig('Y4.shallow')->when(depth()->atMost(feet(4)), not(cold()))
            ->because('Shallow water: a swim jig stays up.');

        yield $swimJig('S12.swim_jig')->when(beforeTheSpawn(), tint(Tint::Tannic), not(cold()))
            ->because('Tea-colored water before the spawn: a black and blue swim jig.');

        yield $swimJig('house.sunfish.swim_jig')->when(forage(Forage::Bluegill), not(cold()))
            ->because('Sunfish: a swim jig has their colors and their pace.');

        yield $swimJig('house.clear.swim_jig')->when(visibility()->over(feet(5)), not(cold()))
            ->because('Very clear water: a swim jig has no blade to give it away.');
    }

    /** @return \Generator<int, Rule> */
    private static function spinnerbait(): \Generator
    {
        $spinnerbait = static fn (string $id): Rule => rule($id)->pick(Whole::ranked(LureKind::Spinnerbait));

        $isBright = static fn (): Condition => all(wind(Wind::Calm), sunny(), visibility()->atLeast(feet(3)), not(chasing()));

        yield rule('Y2.calm')->when($isBright())
            ->notPick(Whole::ranked(LureKind::Spinnerbait))
            ->because('Calm, bright and clear: fish get too good a look at a spinnerbait.');

        yield $spinnerbait('L1.spinnerbait')->with('R9')->when(not(bite(Bite::Tough)), not(cold()), not($isBright()))
            ->because('Search with a blade first: it covers water.');

        yield $spinnerbait('Y2.dirty')->with('W4', 'B1')->special()->when(visibility()->under(feet(1.5)))
            ->because('Dirty water: two blades give flash and vibration.');

        yield $spinnerbait('W7.spinnerbait')->when(wind(Wind::Chop), forage(Forage::Shad, Forage::GoldenShiner, Forage::Unknown))
            ->because('Wind on baitfish water: a spinnerbait flashes like a school.');

        yield $spinnerbait('Y2.wind')->when(wind(Wind::Chop))
            ->because('Wind: flash and vibration carry where nothing is seen for long.');

        yield $spinnerbait('Y2.dim')->when(sky(Sky::LowSun, Sky::Storm, Sky::Rain))
            ->because('Little light: a spinnerbait is felt before it is seen.');

        yield $spinnerbait('Y2.cover')->when(cover(Cover::Wood, Cover::Open))
            ->because('Wood and open water: a spinnerbait comes through the one and covers the other.');

        yield $spinnerbait('R5.spinnerbait')->with('B5', 'X10')->special()
            ->when(chasing(), bass(Bass::Smallmouth, Bass::Spotted), visibility()->atLeast(feet(3)))
            ->because('Active schooling fish in clear water: a spinnerbait with bright blades, reeled fast.');

        yield $spinnerbait('Z1.spinnerbait')->with('R6')->when(depth()->over(feet(15)), any(arm(Arm::Short), forage(Forage::Shad)))
            ->because('Deep water: a heavy spinnerbait, slow-rolled or dropped.');

        yield $spinnerbait('B6.spinnerbait')->with('Y2')->special()->when(sky(Sky::Night))
            ->because('Night: a big black blade that fish feel.');

        yield $spinnerbait('S22.spinnerbait')->when(beforeTheSpawn(), forage(Forage::Shad), forageLength()->atLeast(inches(4)))
            ->because('Big dying shad: a long-tail spinnerbait has their size.');
    }

    /** @return \Generator<int, Rule> */
    private static function bladedJig(): \Generator
    {
        $bladedJig = static fn (string $id): Rule => rule($id)->pick(Whole::ranked(LureKind::BladedJig));

        yield $bladedJig('L1.bladed_jig')->with('R9')->when(not(bite(Bite::Tough)), not(cold()))
            ->because('Search with a blade first: it covers water.');

        yield $bladedJig('R3.bladed_jig')->with('Z2')->special()->when(cover(Cover::Grass), depth()->atMost(feet(8)))
            ->because('Grass: a bladed jig rides the tops and is ripped free.');

        yield $bladedJig('Y3.tint')->special()
            ->when(
                stainedByAnything(),
                visibility()->between(feet(1), feet(3)),
                not(cover(Cover::Dock, Cover::Pads, Cover::FloodedBrush)),
                not(bite(Bite::Tough)),
            )
            ->because('Tinted water with ‹1 to 3 ft|one to three feet› of visibility: nothing suits a bladed jig better.');

        yield $bladedJig('Y3.wind')->when(wind(Wind::Chop))
            ->because('Wind: a bladed jig is found by its wobble.');

        yield $bladedJig('Y3.rock')->with('R4')->when(cover(Cover::Rock), surface()->between(46, 54))
            ->because('Rock at about ‹50 °F›: a bladed jig, slowly along it.');

        yield $bladedJig('W8.bladed_jig')->with('O1')->special()
            ->when(season(Season::LateWinter), surface()->between(38, 50), trend()->atLeast(4), depth()->between(feet(3), feet(6)))
            ->because('Late-winter water warming fast: a bladed jig over shallow cover.');

        yield $bladedJig('R4.bladed_jig')->with('Z2')->school(WoodSchool::Knock)->when(cover(Cover::Wood), not(cold()))
            ->because('Wood: a bladed jig knocks along its edge.');

        yield $bladedJig('W4.bladed_jig')->when(visibility()->between(feet(1), feet(3)))
            ->because('Stained water: a bladed jig vibrates and is still visible.');

        yield $bladedJig('O3.bladed_jig')->with('L4', 'Z2')->when(season(Season::Fall), depth()->atMost(feet(5)))
            ->because('Fall shallows: a bladed jig covers the best spots fast.');

        yield rule('D6.bladed_jig')->with('Z2')->school(WoodSchool::Avoid)->deciding()->when(cover(Cover::Wood, Cover::FloodedBrush))
            ->notPick(Whole::ranked(LureKind::BladedJig))
            ->because('Wood: you keep bladed jigs out of it.');
    }
}
