<?php

declare(strict_types=1);

namespace Tests\core;

use Kontrast\Lure\Arm;
use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Run;
use Kontrast\Measure\Angle;
use Kontrast\Measure\Length;
use Kontrast\Measure\Temperature;
use Kontrast\Measure\TemperatureChange;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Goal;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Schools;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\SchoolQuestion;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Readings for tests: an everyday one to change a little, and any number of random ones. */
final class Readings
{
    /**
     * @param list<Colour> $seen
     * @param list<Forage> $also
     */
    public static function of(
        LureKind $lure,
        float $inches = 30,
        Tint $tint = Tint::Green,
        Sky $sky = Sky::Broken,
        Wind $wind = Wind::Ripple,
        float $feet = 4,
        Season $season = Season::Summer,
        Cover $cover = Cover::Open,
        CoverDensity $density = CoverDensity::Normal,
        Forage $forage = Forage::Bluegill,
        Bite $bite = Bite::Normal,
        Bass $bass = Bass::Largemouth,
        bool $red = false,
        ?float $surface = 72,
        float $trend = 0,
        ?Run $run = null,
        ?float $forageInches = 3.5,
        array $seen = [],
        ?Arm $arm = null,
        Schools $schools = new Schools(),
        array $also = [],
        Goal $goal = Goal::Any,
    ): Reading {
        return new Reading(
            lure: $lure,
            visibility: Length::inches($inches),
            tint: $tint,
            sky: $sky,
            wind: $wind,
            depth: Length::feet($feet),
            season: $season,
            cover: $cover,
            coverDensity: $density,
            forage: $forage,
            bite: $bite,
            bass: $bass,
            redCrawfish: $red,
            sunElevation: null,
            surface: null === $surface ? null : Temperature::fahrenheit($surface),
            trend: TemperatureChange::fahrenheit($trend),
            run: $run,
            forageLength: null === $forageInches ? null : Length::inches($forageInches),
            forageColours: $seen,
            arm: $arm,
            schools: $schools,
            forageAlso: $also,
            goal: $goal,
        );
    }

    /** @return iterable<int, Reading> the same ones for the same seed */
    public static function random(int $count, int $seed = 1): iterable
    {
        $dice = new Randomizer(new Mt19937($seed));
        for ($i = 0; $i < $count; ++$i) {
            yield self::one($dice);
        }
    }

    private static function one(Randomizer $dice): Reading
    {
        return new Reading(
            lure: self::pick($dice, LureKind::cases()),
            visibility: Length::inches(0.5 * 2 ** (self::number($dice, 0, 1) * 9)),
            tint: self::pick($dice, Tint::cases()),
            sky: self::pick($dice, Sky::cases()),
            wind: self::pick($dice, Wind::cases()),
            depth: Length::feet(self::number($dice, 0.5, 60)),
            season: self::pick($dice, Season::cases()),
            cover: self::pick($dice, Cover::cases()),
            coverDensity: self::pick($dice, CoverDensity::cases()),
            forage: self::pick($dice, Forage::cases()),
            bite: self::pick($dice, Bite::cases()),
            bass: self::pick($dice, Bass::cases()),
            redCrawfish: self::pick($dice, [true, false]),
            sunElevation: self::pick($dice, [null, Angle::degrees(self::number($dice, 0, 90))]),
            surface: self::pick(
                $dice,
                [null, Temperature::fahrenheit(self::number($dice, 33, 90)), Temperature::fahrenheit(self::number($dice, 40, 60))],
            ),
            trend: self::pick($dice, [null, TemperatureChange::fahrenheit(self::number($dice, -8, 8))]),
            run: self::pick($dice, [null, ...Run::cases()]),
            forageLength: self::pick($dice, [null, Length::inches(self::number($dice, 1, 9))]),
            forageColours: self::pick($dice, [[], [self::pick($dice, Colour::cases())]]),
            arm: self::pick($dice, [null, ...Arm::cases()]),
            schools: self::schools($dice),
            forageAlso: self::pick($dice, [[], [], [self::pick($dice, Forage::cases())]]),
            goal: self::pick($dice, [Goal::Any, ...Goal::cases()]),
            schooling: self::pick($dice, [false, false, false, true]),
        );
    }

    private static function schools(Randomizer $dice): Schools
    {
        $schools = new Schools();
        foreach (SchoolQuestion::cases() as $question) {
            // Half of them say nothing of dirty water, and get what is usual for the lure.
            $isLeftOut = SchoolQuestion::Dirty === $question && 0 === $dice->getInt(0, 1);
            $schools = $isLeftOut ? $schools : $schools->with(self::pick($dice, $question->schools()));
        }

        return $schools;
    }

    private static function number(Randomizer $dice, float $least, float $most): float
    {
        return $least + ($most - $least) * $dice->getInt(0, 1_000_000) / 1_000_000;
    }

    /**
     * @template T
     *
     * @param list<T> $of
     *
     * @return T
     */
    private static function pick(Randomizer $dice, array $of): mixed
    {
        return $of[$dice->getInt(0, \count($of) - 1)];
    }
}
