<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\Intent;
use Kontrast\Lure\Pairing;
use Kontrast\Lure\Profile;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\LureKind;
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
use function Kontrast\Rulebook\bite;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\depth;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\forageLength;
use function Kontrast\Rulebook\inches;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\season;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\sky;
use function Kontrast\Rulebook\sunny;
use function Kontrast\Rulebook\surface;
use function Kontrast\Rulebook\tint;
use function Kontrast\Rulebook\trend;
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
    }

    /** @return \Generator<int, Rule> */
    private static function lure(): \Generator
    {
        foreach (LureKind::cases() as $kind) {
            yield rule('house.lure.'.$kind->value)->for($kind)->fallback()
                ->pick(Whole::lure($kind))
                ->because('The lure you asked for.');
        }

        yield rule('W8')->special()
            ->when(season(Season::LateWinter), surface()->between(38, 48), trend()->over(4), depth()->between(feet(3), feet(6)))
            ->pick(Whole::lure(LureKind::BladedJig))
            ->because('Late-winter water is warming fast: a bladed jig over shallow cover next to the wintering holes is the bait for '
                .'these days.');

        yield rule('Z2.avoid')->for(LureKind::BladedJig)->school(WoodSchool::Avoid)->special()
            ->when(cover(Cover::Wood, Cover::FloodedBrush))
            ->pick(Whole::lure(LureKind::Jig))
            ->because('You hold that a bladed jig has no business in wood: a jig comes through it.');
    }

    /** @return \Generator<int, Rule> */
    private static function profile(): \Generator
    {
        yield rule('F9.small')
            ->when(forageLength()->under(inches(2.75)))
            ->pick(Whole::profile(Profile::Small))
            ->because('The food is tiny, so the whole lure shrinks with it.');

        yield rule('F9.regular')
            ->when(forageLength()->between(inches(2.75), inches(4)))
            ->pick(Whole::profile(Profile::Regular))
            ->because('Food of three to four inches: a lure of everyday size.');

        yield rule('F9.big')
            ->when(forageLength()->over(inches(4)))
            ->pick(Whole::profile(Profile::Big))
            ->because('They are eating long food, so give the lure the same bulk.');

        yield rule('house.profile')->fallback()
            ->pick(Whole::profile(Profile::Regular))
            ->because('No food length given: an everyday size.');
    }

    /** @return \Generator<int, Rule> */
    private static function intent(): \Generator
    {
        yield rule('W3.natural')->with('W4', 'F1')
            ->when(visibility()->over(feet(3)))
            ->pick(Whole::intent(Intent::PassForForage))
            ->because('They can study the lure from afar here, so it has to pass for food.');

        yield rule('W4.found')
            ->when(visibility()->under(feet(3)))
            ->pick(Whole::intent(Intent::BeFound))
            ->because('They cannot hunt by eye for long in this water: the lure has to make itself known.');

        yield rule('W6.intent')->special()
            ->when(bite(Bite::Tough), visibility()->over(feet(1.5)))
            ->pick(Whole::intent(Intent::Vanish))
            ->because('On a hard day nothing about the lure may stand out.');

        yield rule('S11.intent')->with('B6')->special()
            ->when(any(
                all(tint(Tint::Clay), visibility()->under(inches(6))),
                all(sky(Sky::Night, Sky::Storm), visibility()->under(feet(5))),
            ))
            ->pick(Whole::intent(Intent::CastShadow))
            ->because('Little light gets through: an outline of solid dark is what is left to see.');

        yield rule('B5.intent')->special()
            ->when(bite(Bite::Active), visibility()->over(feet(3)), any(bass(Bass::Smallmouth, Bass::Spotted), forage(Forage::Shad)))
            ->pick(Whole::intent(Intent::Shock))
            ->because('Willing fish in clear water are set off by something loud that does not wait for them.');
    }

    /** @return \Generator<int, Rule> */
    private static function pairing(): \Generator
    {
        yield rule('P1.match')->with('W1')->school(PairingSchool::Ladder)
            ->when(visibility()->over(feet(5)))
            ->pick(Whole::pairing(Pairing::Match))
            ->because('Water this clear shows every seam: skirt and trailer in one colour.');

        yield rule('P1.tonal')->with('W1')->school(PairingSchool::Ladder)
            ->when(visibility()->between(feet(3), feet(5)))
            ->pick(Whole::pairing(Pairing::Tonal))
            ->because('Clear but not glass: a shade of difference is as far as to go.');

        yield rule('P1.accent')->with('W1')->school(PairingSchool::Ladder)
            ->when(visibility()->between(feet(1.5), feet(3)))
            ->pick(Whole::pairing(Pairing::Accent))
            ->because('With stain in the water a touch of another colour helps them pick the lure out.');

        yield rule('P1.contrast')->with('W1')->school(PairingSchool::Ladder)
            ->when(visibility()->under(feet(1.5)))
            ->pick(Whole::pairing(Pairing::Contrast))
            ->because('The dirtier it gets the harder skirt and trailer may clash.');

        yield rule('P2')->school(PairingSchool::OneTone)->special()
            ->pick(Whole::pairing(Pairing::Match))
            ->because('You keep skirt and trailer in one tone, and change only size and how much light comes through.');

        yield rule('P2.fall')->school(PairingSchool::Ladder)
            ->when(season(Season::Fall), visibility()->over(feet(3)))
            ->pick(Whole::pairing(Pairing::Match))
            ->because('Fall is when one tone from collar to tail works best.');

        yield rule('P3')->school(PairingSchool::ForageMix)->special()
            ->pick(Whole::pairing(Pairing::Accent))
            ->because('You mix within one family and add the odd fleck, the way the food itself is coloured.');

        yield rule('P3.brush')->special()
            ->for(LureKind::Jig, LureKind::BladedJig, LureKind::SwimJig)->school(PairingSchool::Ladder)
            ->when(
                forage(Forage::Bluegill),
                cover(Cover::FloodedBrush),
                season(Season::EarlySpring, Season::Spring),
                visibility()->under(feet(3)),
            )
            ->pick(Whole::pairing(Pairing::Accent))
            ->because('Sunfish in flooded brush before the spawn: one family of colour with an odd accent beats a clash.');

        yield rule('W6')->school(PairingSchool::Ladder)->special()
            ->when(bite(Bite::Tough), wind(Wind::Calm), sunny())
            ->pick(Whole::pairing(Pairing::Match))
            ->because('Flat, bright and slow: take all contrast out.');

        yield rule('S11.pairing')->school(PairingSchool::Ladder)->special()
            ->when(tint(Tint::Clay), visibility()->under(inches(6)), settled(Slot::Intent, Intent::CastShadow))
            ->pick(Whole::pairing(Pairing::Match))
            ->because('In opaque tan water the lure works as one dark shape; a second colour would break it up.');

        yield rule('S6.pairing')->for(LureKind::Jig)->school(PairingSchool::Ladder)->special()
            ->when(
                cover(Cover::Rock),
                surface()->between(45, 55),
                visibility()->between(feet(1.5), feet(3.5)),
                season(Season::LateWinter, Season::EarlySpring),
            )
            ->pick(Whole::pairing(Pairing::Contrast))
            ->because('Cold rock in late winter is where a solid blue trailer under brown and orange earns its keep.');
    }
}
