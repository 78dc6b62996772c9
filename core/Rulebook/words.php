<?php

declare(strict_types=1);

/*
 * The words that rules are written in. They read as the trade speaks: visibility()->between(feet(1.5), feet(3.5)).
 * How wide a number's band fades is chosen: lengths over a quarter of the edge, temperatures over three degrees.
 */

namespace Kontrast\Rulebook;

use Kontrast\Measure\Length;
use Kontrast\Reading\Arm;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Colour;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Run;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Condition\All;
use Kontrast\Rulebook\Condition\Among;
use Kontrast\Rulebook\Condition\Any;
use Kontrast\Rulebook\Condition\Flag;
use Kontrast\Rulebook\Condition\LengthOf;
use Kontrast\Rulebook\Condition\Not;
use Kontrast\Rulebook\Condition\NumberOf;
use Kontrast\Rulebook\Condition\Settled;

const LENGTH_FADE_SHARE = 0.25;
const TEMPERATURE_FADE_F = 3.0;
const TREND_FADE_F = 2.0;

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
    return LengthOf::inInches('forage_in', static fn (Reading $reading): ?Length => $reading->forageLength, LENGTH_FADE_SHARE / 2);
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
    return new Among('forage', static fn (Reading $reading): Forage => $reading->forage, array_values($words));
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
function settled(Slot $slot, \BackedEnum|bool ...$values): Condition
{
    return new Settled($slot, array_map(static fn (\BackedEnum|bool $value): Value => Value::of($value), array_values($values)));
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

/** Cold by the thermometer, or by the season where no thermometer was read. */
function cold(): Condition
{
    return any(surface()->under(55), all(notMeasured(), season(Season::LateWinter, Season::Winter)));
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
