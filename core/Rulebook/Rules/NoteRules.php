<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Measure\Weight;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\Forage;
use Kontrast\Reading\LureKind;
use Kontrast\Reading\Run;
use Kontrast\Reading\Season;
use Kontrast\Rulebook\Condition\Settled;
use Kontrast\Rulebook\NoteHeading;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Value;

use function Kontrast\Rulebook\bite;
use function Kontrast\Rulebook\cold;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\density;
use function Kontrast\Rulebook\depth;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\noColourSeen;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\run;
use function Kontrast\Rulebook\season;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\visibility;

/** What pick no part but are worth knowing: what to look for first, line and rod, what else to carry. */
final class NoteRules
{
    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        yield from self::look();
        yield from self::gear();
        yield from self::carry();
    }

    /** @return \Generator<int, Rule> */
    private static function look(): \Generator
    {
        yield rule('F8.grass')->note(NoteHeading::Look)
            ->when(cover(Cover::Grass), forage(Forage::Shad), not(season(Season::Fall)))
            ->because('Grass usually holds more sunfish than shad: make sure that it is shad they are on.');

        yield rule('F8.rock')->note(NoteHeading::Look)
            ->when(cover(Cover::Rock), not(forage(Forage::Crawfish)))
            ->because('Rock means crawfish: turn a stone or two before settling on another food.');

        yield rule('F8.fall')->note(NoteHeading::Look)
            ->when(season(Season::Fall), not(forage(Forage::Shad)))
            ->because('In fall shad outrank nearly everything: look for them first.');

        yield rule('F7')->note(NoteHeading::Look)->with('F1')
            ->when(noColourSeen())
            ->because('No colours seen yet. Look at the bank, in a throat, on a sunfish just caught, and copy what you see.');

        yield rule('F10')->note(NoteHeading::NotTaking)
            ->when(bite(Bite::Tough))
            ->because('Where everybody fishes, show them something they have not met: a build of your own is just that.');

        yield rule('T10')->note(NoteHeading::Care)
            ->when(settled(Slot::TrailerFitted, true))
            ->because(
                'If the trailer is of very stretchy (TPE) plastic, give it a bag of its own: it melts together with other soft plastics.',
            );
    }

    /** @return \Generator<int, Rule> */
    private static function gear(): \Generator
    {
        $gear = static fn (string $id): Rule => rule($id)->note(NoteHeading::Gear);

        yield $gear('Z5.high')->when(run(Run::High))
            ->because('A fast reel, about 8:1, keeps it up.');

        yield $gear('Z5.low')->when(run(Run::Low))
            ->because('A slower reel keeps it down.');

        yield $gear('Z6.swim_jig')->for(LureKind::SwimJig)
            ->because('20 lb fluorocarbon.');

        yield $gear('Z6.fall')->for(LureKind::BladedJig)->when(season(Season::Fall))
            ->because('20 lb fluorocarbon for a fall bladed jig.');

        yield $gear('Z6.half_ounce')->for(LureKind::BladedJig)->when(
            not(season(Season::Fall)),
            new Settled(Slot::Weight, [Value::of(Weight::ounces(0.5))]),
        )
            ->because('12 to 14 lb line for a half-ounce bladed jig.');

        yield $gear('Z6.rock')->for(LureKind::Jig)->when(cover(Cover::Rock))
            ->because('17 to 25 lb line for a jig on rock.');

        yield $gear('Z6.mono')->for(LureKind::Spinnerbait, LureKind::BladedJig)->when(depth()->under(feet(4)), visibility()->under(feet(3)))
            ->because('In shallow stain the little stretch of monofilament helps.');

        yield $gear('Z6.braid')->when(cover(Cover::Grass, Cover::Pads), density(CoverDensity::Heavy))
            ->because('Braid in the mats.');

        yield $gear('Z7.short')->when(cover(Cover::Wood, Cover::Dock, Cover::FloodedBrush))
            ->because('A rod of about 7 ft 2 in or 7 ft 3 in, for short accurate casts around targets.');

        yield $gear('Z7.long')->for(LureKind::SwimJig, LureKind::Spinnerbait, LureKind::BladedJig)->when(cover(Cover::Open, Cover::Grass))
            ->because('A rod of about 7 ft 6 in, for long casts and winding.');

        yield $gear('Z4.walk')->for(LureKind::Jig)->when(cover(Cover::Rock), cold(), depth()->under(feet(7)))
            ->because('Work the rock bank from 2 ft down to 6 or 7 ft.');
    }

    /** @return \Generator<int, Rule> */
    private static function carry(): \Generator
    {
        yield rule('S20.jig')->note(NoteHeading::Carry)->for(LureKind::Jig)
            ->because('Four jigs for most days: black-blue with blue, black-blue with green pumpkin, green pumpkin with the same, brown '
                .'and green pumpkin with green pumpkin.');

        yield rule('S20.swim_jig')->note(NoteHeading::Carry)->for(LureKind::SwimJig)
            ->because('Four swim jigs for most days: black-blue, one for shad, one for sunfish, one in green pumpkin.');
    }
}
