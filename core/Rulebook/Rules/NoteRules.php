<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Season;
use Kontrast\Rulebook\NoteHeading;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

use function Kontrast\Rulebook\bite;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\density;
use function Kontrast\Rulebook\depth;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\noColourSeen;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\season;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\surface;
use function Kontrast\Rulebook\trend;
use function Kontrast\Rulebook\visibility;

/** What picks no part but is worth knowing: what to look for first, where to fish, what else to carry. */
final class NoteRules
{
    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        yield from self::look();
        yield from self::where();
        yield from self::gear();
        yield from self::carry();
    }

    /** @return \Generator<int, Rule> */
    private static function look(): \Generator
    {
        yield rule('F8.grass')->note(NoteHeading::Look)
            ->when(cover(Cover::Grass), forage(Forage::Shad), not(season(Season::Fall)))
            ->because('Grass usually holds more sunfish than shad: make sure they are eating shad.');

        yield rule('F8.rock')->note(NoteHeading::Look)
            ->when(cover(Cover::Rock), not(forage(Forage::Crawfish)))
            ->because('Rock means crawfish: turn over a stone or two before you settle on another forage.');

        yield rule('F8.fall')->note(NoteHeading::Look)
            ->when(season(Season::Fall), not(forage(Forage::Shad)))
            ->because('In fall nearly everything eats shad: look for them first.');

        yield rule('F7')->note(NoteHeading::Look)->with('F1')
            ->when(noColourSeen())
            ->because('No forage colors noted. Look at the bank, in a throat, at a sunfish you just caught, and copy what you see.');

        yield rule('F10')->note(NoteHeading::NotTaking)
            ->when(bite(Bite::Tough))
            ->because('Heavily fished water: show the fish something new. A lure you built yourself is exactly that.');

        yield rule('T10')->note(NoteHeading::Care)
            ->when(settled(Slot::TrailerFitted, true))
            ->because(
                'Keep very stretchy (TPE) trailers in a bag of their own: they melt together with other soft plastics.',
            );

        yield rule('W11.fifty')->with('F5')->note(NoteHeading::Look)
            ->when(season(Season::LateWinter, Season::EarlySpring), surface()->between(46, 52))
            ->because('The water is near ‹50 °F›: where crawfish turn red, it starts now.');
    }

    /** @return \Generator<int, Rule> */
    private static function where(): \Generator
    {
        $where = static fn (string $id): Rule => rule($id)->note(NoteHeading::Where);

        yield $where('O1')->with('W8')->when(season(Season::LateWinter), trend()->over(0)->sharp())
            ->because('Shallow cover in ‹3 to 6 ft|three to six feet›, next to the places where fish spend the winter.');

        yield $where('O2')->when(season(Season::LateWinter, Season::EarlySpring))
            ->because('Steep rock, bluffs, channel banks and riprap; cast along the bank, not out from it.');

        yield $where('O3')->with('L5')->when(season(Season::Fall))
            ->because('Creeks from two thirds of the way back, pockets and marinas; cover water, because fish move by the hour with the '
                .'shad.');

        yield $where('O4')->when(season(Season::Fall), cover(Cover::Grass))
            ->because('Grass in fall is all or nothing: keep moving until you find baitfish.');

        yield $where('O5')->with('L1')->when(cover(Cover::Dock, Cover::Wood, Cover::FloodedBrush))
            ->because('Cast past the target and bring the lure along the cover; make short accurate casts to docks.');

        yield $where('W10')->when(visibility()->under(feet(1.5)))
            ->because('Dirty water: fish come shallower than usual.');
    }

    /** @return \Generator<int, Rule> */
    private static function gear(): \Generator
    {
        yield rule('Z9')->note(NoteHeading::Gear)->for(LureKind::Jig)
            ->when(cover(Cover::Rock), depth()->over(feet(8)))
            ->because('Deep rock: a football head stands up and tips over stones.');
    }

    /** @return \Generator<int, Rule> */
    private static function carry(): \Generator
    {
        yield rule('K1')->with('S10')->note(NoteHeading::Carry)->for(LureKind::Jig, LureKind::SwimJig, LureKind::BladedJig)
            ->when(
                forage(Forage::Bluegill, Forage::Crawfish),
                visibility()->between(feet(1), feet(2)),
                settled(Slot::SkirtBase, Colour::GreenPumpkin, Colour::Black),
            )
            ->because('Dirty to stained water: a skirt with green pumpkin in front and black and blue behind is dark and natural at once.');

        yield rule('S20.jig')->note(NoteHeading::Carry)->for(LureKind::Jig)
            ->because('Four jigs for most days: black-blue with blue, black-blue with green pumpkin, green pumpkin with green pumpkin, '
                .'brown-green pumpkin with green pumpkin.');

        yield rule('S20.swim_jig')->note(NoteHeading::Carry)->for(LureKind::SwimJig)
            ->because('Four swim jigs for most days: black-blue, one for shad, one for sunfish, one in green pumpkin.');

        yield rule('Z8')->note(NoteHeading::Carry)->with('L8')->for(LureKind::BladedJig)
            ->when(not(cover(Cover::Open)), density(CoverDensity::Normal, CoverDensity::Heavy))
            ->because('Expect to lose about half of your bladed jigs to cover in a day: tie plain ones and carry spare heads and '
                .'trailers.');
    }
}
