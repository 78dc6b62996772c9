<?php

declare(strict_types=1);

/*
 * The words that rules are written in. They read as the trade speaks: visibility()->between(feet(1.5), feet(3.5)).
 * How far outside its ends a band fades is chosen: lengths over a twelfth of the edge, temperatures over a degree and a half.
 */

namespace Kontrast\Rulebook;

use Kontrast\Lure\Arm;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Run;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Goal;
use Kontrast\Reading\PairingSchool;
use Kontrast\Reading\Reading;
use Kontrast\Reading\RedSpringSchool;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Condition\All;
use Kontrast\Rulebook\Condition\Among;
use Kontrast\Rulebook\Condition\Any;
use Kontrast\Rulebook\Condition\Flag;
use Kontrast\Rulebook\Condition\InRange;
use Kontrast\Rulebook\Condition\LengthOf;
use Kontrast\Rulebook\Condition\Not;
use Kontrast\Rulebook\Condition\NumberOf;
use Kontrast\Rulebook\Condition\Settled;

const LENGTH_FADE_SHARE = 0.08;
const FORAGE_FADE_SHARE = 0.04;
const TEMPERATURE_FADE_F = 1.5;
const TREND_FADE_F = 1.0;

function rule(string $id): Rule
{
    return Rule::called($id);
}

function feet(float $feet): Length
{
    return Length::feet($feet);
}

function inches(float $inches): Length
{
    return Length::inches($inches);
}

function visibility(): LengthOf
{
    return LengthOf::inInches('visibility_in', static fn (Reading $reading): Length => $reading->visibility, LENGTH_FADE_SHARE);
}

function depth(): LengthOf
{
    return LengthOf::inFeet('depth_ft', static fn (Reading $reading): Length => $reading->depth, LENGTH_FADE_SHARE);
}

function forageLength(): LengthOf
{
    return LengthOf::inInches('forage_in', static fn (Reading $reading): ?Length => $reading->forageLength, FORAGE_FADE_SHARE);
}

/** Surface temperature in °F. */
function surface(): NumberOf
{
    return new NumberOf('surface_f', static fn (Reading $reading): ?float => $reading->surface?->inFahrenheit(), 0.0, TEMPERATURE_FADE_F);
}

/** Change of the surface temperature over three days, in Fahrenheit degrees. */
function trend(): NumberOf
{
    return new NumberOf('trend_f', static fn (Reading $reading): float => $reading->trend?->inFahrenheit() ?? 0.0, 0.0, TREND_FADE_F);
}

function tint(Tint ...$words): Condition
{
    return new Among('tint', static fn (Reading $reading): Tint => $reading->tint, array_values($words));
}

function sky(Sky ...$words): Condition
{
    return new Among('sky', static fn (Reading $reading): Sky => $reading->sky, array_values($words));
}

function wind(Wind ...$words): Condition
{
    return new Among('wind', static fn (Reading $reading): Wind => $reading->wind, array_values($words));
}

function season(Season ...$words): Condition
{
    return new Among('season', static fn (Reading $reading): Season => $reading->season, array_values($words));
}

function cover(Cover ...$words): Condition
{
    return new Among('cover', static fn (Reading $reading): Cover => $reading->cover, array_values($words));
}

function density(CoverDensity ...$words): Condition
{
    return new Among('cover_density', static fn (Reading $reading): CoverDensity => $reading->coverDensity, array_values($words));
}

function run(Run ...$words): Condition
{
    return new Among('run', static fn (Reading $reading): ?Run => $reading->run, array_values($words));
}

function forage(Forage ...$words): Condition
{
    return new Among('forage', static fn (Reading $reading): Forage => $reading->mainForage(), array_values($words));
}

/** It is there, as the main forage or beside it. */
function eats(Forage $forage): Condition
{
    return new Flag(
        'forage_also:'.$forage->value,
        static fn (Reading $reading): bool => $reading->eats($forage),
        ['forage', 'forage_also'],
    );
}

function goal(Goal ...$words): Condition
{
    return new Among('goal', static fn (Reading $reading): Goal => $reading->goal, array_values($words));
}

/** No length of the forage was given. */
function forageLengthUnknown(): Condition
{
    return new Flag('forage_in:unknown', static fn (Reading $reading): bool => null === $reading->forageLength);
}

function bite(Bite ...$words): Condition
{
    return new Among('bite', static fn (Reading $reading): Bite => $reading->bite, array_values($words));
}

function bass(Bass ...$words): Condition
{
    return new Among('bass', static fn (Reading $reading): Bass => $reading->bass, array_values($words));
}

function arm(Arm ...$words): Condition
{
    return new Among('arm', static fn (Reading $reading): ?Arm => $reading->arm, array_values($words));
}

function redCrawfish(): Condition
{
    return new Flag('red_crawfish', static fn (Reading $reading): bool => $reading->redCrawfish);
}

/** Nothing is known of the last three days. */
function trendUnknown(): Condition
{
    return new Flag('trend_f:unknown', static fn (Reading $reading): bool => null === $reading->trend);
}

/** The angler keeps no lead. */
function leadFree(): Condition
{
    return new Flag('lead_free', static fn (Reading $reading): bool => $reading->leadFree);
}

/** The colour is among those seen on the forage. */
function seen(Colour $colour): Condition
{
    return new Flag(
        'forage_colours:'.$colour->value,
        static fn (Reading $reading): bool => \in_array($colour, $reading->forageColours, true),
    );
}

function all(Condition ...$conditions): Condition
{
    return new All(array_values($conditions));
}

/** Nothing of the forage's colours was noted. */
function noColourSeen(): Condition
{
    return new Flag('forage_colours:none', static fn (Reading $reading): bool => [] === $reading->forageColours);
}

function any(Condition ...$conditions): Condition
{
    return new Any(array_values($conditions));
}

function not(Condition $condition): Condition
{
    return new Not($condition);
}

/** An earlier answer of the same advice; @see Slot for the order. */
function settled(Slot $slot, \BackedEnum|Weight|bool ...$values): Condition
{
    return new Settled($slot, array_map(static fn (\BackedEnum|Weight|bool $value): Value => Value::of($value), array_values($values)));
}

/** Sun with nothing or little before it. */
function sunny(): Condition
{
    return sky(Sky::Sun, Sky::Broken);
}

/** Too little light for metal to shine. */
function gloomy(): Condition
{
    return sky(Sky::Overcast, Sky::Rain, Sky::Storm, Sky::LowSun, Sky::Night);
}

/** Dull, but not the night and storm that have a fact of their own (B6). */
function cloudy(): Condition
{
    return sky(Sky::Overcast, Sky::Rain, Sky::LowSun);
}

/** Too dark for any color (B6). */
function dark(): Condition
{
    return sky(Sky::Night, Sky::Storm);
}

/** Over 5 ft of visibility (W1). */
function veryClear(): InRange
{
    return visibility()->over(feet(5));
}

/** 3 to 5 ft (W1). */
function clear(): InRange
{
    return visibility()->between(feet(3), feet(5));
}

/** 1.5 to 3 ft (W1). */
function stained(): InRange
{
    return visibility()->between(feet(1.5), feet(3));
}

/** 6 to 18 in (W1). */
function dirty(): InRange
{
    return visibility()->between(inches(6), inches(18));
}

/** Under 6 in (W1). */
function muddy(): InRange
{
    return visibility()->under(inches(6));
}

/** A tough bite and no chop, with more than 6 in to see by: what X2 decides for. */
function toughAndCalm(): Condition
{
    return all(bite(Bite::Tough), wind(Wind::Calm, Wind::Ripple), visibility()->over(inches(6))->sharp());
}

/** The months before the spawn. */
function beforeTheSpawn(): Condition
{
    return season(Season::LateWinter, Season::EarlySpring);
}

/** Crawfish that have turned red here, and the angler who follows them (F5, X3). */
function turnedCrawfish(): Condition
{
    return all(
        redCrawfish(),
        forage(Forage::Crawfish),
        beforeTheSpawn(),
        any(surface()->atLeast(50)->sharp(), all(notMeasured(), season(Season::EarlySpring))),
    );
}

/** The angler holds with dark colors in dirty water (D3). */
function darkSchool(): Condition
{
    return dirtyBase(DirtySchool::Dark);
}

/** The base color of dirty water, as the angler said or as is usual for this lure here (D3). */
function dirtyBase(DirtySchool $school): Condition
{
    return new Flag(
        'schools.dirty:'.$school->value,
        static fn (Reading $reading): bool => $school === $reading->dirtySchool(),
        Rule::DIRTY_HANGS_ON,
    );
}

/** Dirty water in which the skirt is bright: among shad, and where the angler or the lure asks for it (D3, M4). */
function brightBase(): Condition
{
    /** @var Condition|null $bright */
    static $bright = null;

    return $bright ??= all(
        visibility()->under(feet(1.5))->sharp(),
        any(forage(Forage::Shad), dirtyBase(DirtySchool::Bright)),
        not(all(muddy()->sharp(), tint(Tint::Clay), darkSchool())),
        not(followedRed()),
        not(dark()),
    );
}

/** Crawfish that have turned red here, and an angler who follows them. */
function followedRed(): Condition
{
    return all(turnedCrawfish(), not(skipsRed()));
}

/** Water that hides what is in it behind brown (B6). */
function opaqueBrown(): Condition
{
    return any(all(tint(Tint::Clay), muddy()), all(tint(Tint::Tannic), visibility()->under(feet(1))));
}

/** They chase bait in groups. */
function schooling(): Condition
{
    return new Flag('schooling', static fn (Reading $reading): bool => $reading->schooling);
}

/** Fish that chase: active ones, and those that school. */
function chasing(): Condition
{
    return any(bite(Bite::Active), all(schooling(), not(bite(Bite::Tough))));
}

/** The angler leaves spring red alone (D5). */
function skipsRed(): Condition
{
    return new Flag(
        'schools.red_spring:skip',
        static fn (Reading $reading): bool => RedSpringSchool::Skip === $reading->schools->redSpring,
    );
}

/** The angler keeps skirt and trailer in one tone (D1). */
function oneTone(): Condition
{
    return new Flag(
        'schools.pairing:one_tone',
        static fn (Reading $reading): bool => PairingSchool::OneTone === $reading->schools->pairing,
    );
}

/** 55 °F and below (X14), or cold by the season where no temperature was read. */
function cold(): Condition
{
    return any(surface()->atMost(55), all(notMeasured(), season(Season::LateWinter, Season::Winter)));
}

function notMeasured(): Condition
{
    return new Flag('surface_f:unknown', static fn (Reading $reading): bool => null === $reading->surface);
}

/** Water with a colour of its own. */
function stainedByAnything(): Condition
{
    return tint(Tint::Green, Tint::Tannic, Tint::Clay);
}
