<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\Intent;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Pairing;
use Kontrast\Lure\Profile;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Goal;
use Kontrast\Reading\PairingSchool;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Reading\WoodSchool;
use Kontrast\Rulebook\Part\Whole;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

use function Kontrast\Rulebook\all;
use function Kontrast\Rulebook\any;
use function Kontrast\Rulebook\bass;
use function Kontrast\Rulebook\beforeTheSpawn;
use function Kontrast\Rulebook\bite;
use function Kontrast\Rulebook\chasing;
use function Kontrast\Rulebook\clear;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\dark;
use function Kontrast\Rulebook\darkSchool;
use function Kontrast\Rulebook\depth;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\forageLength;
use function Kontrast\Rulebook\goal;
use function Kontrast\Rulebook\inches;
use function Kontrast\Rulebook\muddy;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\season;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\skipsRed;
use function Kontrast\Rulebook\sky;
use function Kontrast\Rulebook\stained;
use function Kontrast\Rulebook\surface;
use function Kontrast\Rulebook\tint;
use function Kontrast\Rulebook\toughAndCalm;
use function Kontrast\Rulebook\trend;
use function Kontrast\Rulebook\turnedCrawfish;
use function Kontrast\Rulebook\veryClear;
use function Kontrast\Rulebook\visibility;
use function Kontrast\Rulebook\wind;

/** The lure as a whole: is it the right one, how big a meal, what the fish should make of it, how its plastics should go together. */
final class WholeRules
{
    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        yield from self::lure();
        yield from self::profile();
        yield from self::intent();
        yield from self::pairing();
        yield from self::pairingDecided();
    }

    /** @return \Generator<int, Rule> */
    private static function lure(): \Generator
    {
        foreach (LureKind::cases() as $kind) {
            yield rule('house.lure.'.$kind->value)->for($kind)->fallback()
                ->pick(Whole::lure($kind))
                ->because('You chose this lure.');
        }

        yield rule('W8')->special()
            ->when(
                season(Season::LateWinter),
                surface()->between(38, 50),
                trend()->atLeast(4),
                depth()->between(feet(3), feet(6)),
            )
            ->pick(Whole::lure(LureKind::BladedJig))
            ->because('Late-winter water warming fast: a bladed jig over shallow cover next to the wintering holes.');

        yield rule('Z2.avoid')->for(LureKind::BladedJig)->school(WoodSchool::Avoid)->special()
            ->when(cover(Cover::Wood, Cover::FloodedBrush))
            ->pick(Whole::lure(LureKind::Jig))
            ->because('You keep bladed jigs out of wood: a jig comes through it.');
    }

    /** @return \Generator<int, Rule> */
    private static function profile(): \Generator
    {
        yield rule('F9.small')
            ->when(forageLength()->atMost(inches(3)))
            ->pick(Whole::profile(Profile::Small))
            ->because('Forage up to ‹3 in|three inches›: a small lure.');

        yield rule('F9.regular')
            ->when(forageLength()->inside(inches(3), inches(4)))
            ->pick(Whole::profile(Profile::Regular))
            ->because('Forage between ‹3 and 4 in|three and four inches›: a regular lure.');

        yield rule('F9.big')
            ->when(forageLength()->atLeast(inches(4)))
            ->pick(Whole::profile(Profile::Big))
            ->because('Forage of ‹4 in|four inches› and more: a big lure.');

        yield rule('S23.big')->special()
            ->when(goal(Goal::Size), not(forageLength()->atMost(inches(3))))
            ->pick(Whole::profile(Profile::Big))
            ->because('Bigger fish wanted: a big lure keeps the small ones off.');

        yield rule('house.profile')->fallback()
            ->pick(Whole::profile(Profile::Regular))
            ->because('No forage length given: a regular lure (a default of this program).');
    }

    /** @return \Generator<int, Rule> */
    private static function intent(): \Generator
    {
        yield rule('W3.natural')->with('W4', 'F1')
            ->when(visibility()->atLeast(feet(3)))
            ->pick(Whole::intent(Intent::MatchForage))
            ->because('Clear water: fish see the lure from far away, so it has to look like forage.');

        yield rule('W4.found')
            ->when(visibility()->under(feet(3)))
            ->pick(Whole::intent(Intent::StandOut))
            ->because('Stained or dirty water: fish cannot see far, so the lure has to stand out.');

        yield rule('W6.intent')->special()
            ->when(bite(Bite::Tough), visibility()->atLeast(feet(1.5)))
            ->pick(Whole::intent(Intent::BlendIn))
            ->because('A tough bite: nothing about the lure should stand out.');

        yield rule('S11.intent')->with('B6')->special()
            ->when(any(all(tint(Tint::Clay), muddy(), darkSchool()), all(dark(), visibility()->under(feet(5)))))
            ->pick(Whole::intent(Intent::ShowSilhouette))
            ->because('Little light gets through: a solid dark outline is what fish can see.');

        yield rule('B5.intent')->special()
            ->when(chasing(), visibility()->atLeast(feet(3)), any(bass(Bass::Smallmouth, Bass::Spotted), forage(Forage::Shad)))
            ->pick(Whole::intent(Intent::TriggerStrike))
            ->because('Active fish in clear water: something bright and fast triggers strikes.');
    }

    /** @return \Generator<int, Rule> */
    private static function pairing(): \Generator
    {
        $ladder = static fn (string $id): Rule => rule($id)->with('W1')->school(PairingSchool::Ladder);

        yield $ladder('P1.match')->when(veryClear())
            ->pick(Whole::pairing(Pairing::Match))
            ->because('Very clear water: skirt and trailer alike.');

        yield $ladder('P1.tonal')->when(clear())
            ->pick(Whole::pairing(Pairing::Tonal))
            ->because('Clear water: close shades, no more.');

        yield $ladder('P1.accent')->when(stained())
            ->pick(Whole::pairing(Pairing::Accent))
            ->because('Stained water: a touch of a second color helps fish find the lure.');

        yield $ladder('P1.contrast')->with('X5')->when(visibility()->under(feet(1.5)))
            ->pick(Whole::pairing(Pairing::Contrast))
            ->because('Dirty water: the dirtier it is, the more skirt and trailer should contrast.');

        yield rule('P2')->school(PairingSchool::OneTone)->special()
            ->pick(Whole::pairing(Pairing::Match))
            ->because('You keep skirt and trailer in one tone and change only size and opacity.');

        yield rule('P2.fall')->school(PairingSchool::Ladder)
            ->when(season(Season::Fall), visibility()->atLeast(feet(3)))
            ->pick(Whole::pairing(Pairing::Match))
            ->because('Fall: one tone from head to tail works best now.');

        yield rule('P3')->school(PairingSchool::ForageMix)->special()
            ->pick(Whole::pairing(Pairing::Accent))
            ->because('You stay in one color family and add a different fleck, as the forage does.');

        yield rule('P3.brush')->with('X8')->special()
            ->for(LureKind::Jig, LureKind::BladedJig, LureKind::SwimJig)->school(PairingSchool::Ladder)
            ->when(forage(Forage::Bluegill), cover(Cover::FloodedBrush), stained())
            ->pick(Whole::pairing(Pairing::Accent))
            ->because('Sunfish in flooded brush: one color family with a bright fleck.');

        yield rule('X8.contrast')->with('P1')->special()
            ->for(LureKind::Jig, LureKind::BladedJig, LureKind::SwimJig)->school(PairingSchool::Ladder)
            ->when(
                visibility()->under(feet(1.5)),
                any(season(Season::EarlySpring), all(forage(Forage::Bluegill), cover(Cover::FloodedBrush))),
            )
            ->pick(Whole::pairing(Pairing::Contrast))
            ->because('Dirty water before the spawn, or sunfish in flooded brush: a dark body with a loud trailer.');

        yield rule('P4.pairing')->with('X10')->for(LureKind::BladedJig, LureKind::SwimJig)->school(PairingSchool::Ladder)->special()
            ->when(forage(Forage::Shad), visibility()->atLeast(feet(3)), any(sky(Sky::Overcast, Sky::Rain), wind(Wind::Chop)))
            ->pick(Whole::pairing(Pairing::Tonal))
            ->because('Clouds or wind over clear shad water: a white trailer behind the see-through skirt, close in shade.');

        yield rule('S6.pairing')->for(LureKind::Jig)->school(PairingSchool::Ladder)->special()
            ->when(
                cover(Cover::Rock, Cover::Dock, Cover::Wood),
                surface()->between(45, 55),
                visibility()->between(feet(1.5), feet(3.5)),
                beforeTheSpawn(),
                not(forage(Forage::Shad)),
            )
            ->pick(Whole::pairing(Pairing::Contrast))
            ->because('Cold rock before spring: a solid blue trailer against brown and orange.');
    }

    /** @return \Generator<int, Rule> */
    private static function pairingDecided(): \Generator
    {
        yield rule('S11.pairing')->with('X5')->school(PairingSchool::Ladder)->deciding()
            ->when(
                tint(Tint::Clay),
                muddy()->sharp(),
                darkSchool(),
                settled(Slot::Intent, Intent::ShowSilhouette),
                not(forage(Forage::Shad)),
                not(all(turnedCrawfish(), not(skipsRed()))),
            )
            ->pick(Whole::pairing(Pairing::Match))
            ->because('Opaque tan water: the lure works as one dark shape, so the trailer is like the skirt.');

        yield rule('X2.pairing')->with('W6')->deciding()
            ->when(toughAndCalm())
            ->pick(Whole::pairing(Pairing::Match))
            ->because('A tough bite without wind: no contrast between skirt and trailer.');
    }
}
