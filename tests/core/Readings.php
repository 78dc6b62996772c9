<?php

declare(strict_types=1);

namespace Tests\core;

use Kontrast\Measure\Angle;
use Kontrast\Measure\Length;
use Kontrast\Measure\Temperature;
use Kontrast\Measure\TemperatureChange;
use Kontrast\Reading\Arm;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Colour;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\FinishSchool;
use Kontrast\Reading\Forage;
use Kontrast\Reading\LureKind;
use Kontrast\Reading\PairingSchool;
use Kontrast\Reading\Reading;
use Kontrast\Reading\RedSpringSchool;
use Kontrast\Reading\Run;
use Kontrast\Reading\Schools;
use Kontrast\Reading\Season;
use Kontrast\Reading\ShadStartSchool;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Reading\WoodSchool;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Readings for tests: an everyday one to change a little, and any number of random ones. */
final class Readings
{
    /** @param list<Colour> $seen */
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
    ): Reading {
        return new Reading(
            $lure,
            Length::inches($inches),
            $tint,
            $sky,
            $wind,
            Length::feet($feet),
            $season,
            $cover,
            $density,
            $forage,
            $bite,
            $bass,
            $red,
            null,
            null === $surface ? null : Temperature::fahrenheit($surface),
            TemperatureChange::fahrenheit($trend),
            $run,
            null === $forageInches ? null : Length::inches($forageInches),
            $seen,
            $arm,
            $schools,
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
            self::pick($dice, LureKind::cases()),
            Length::inches(0.5 * 2 ** (self::number($dice, 0, 1) * 9)),
            self::pick($dice, Tint::cases()),
            self::pick($dice, Sky::cases()),
            self::pick($dice, Wind::cases()),
            Length::feet(self::number($dice, 0.5, 60)),
            self::pick($dice, Season::cases()),
            self::pick($dice, Cover::cases()),
            self::pick($dice, CoverDensity::cases()),
            self::pick($dice, Forage::cases()),
            self::pick($dice, Bite::cases()),
            self::pick($dice, Bass::cases()),
            self::pick($dice, [true, false]),
            self::pick($dice, [null, Angle::degrees(self::number($dice, 0, 90))]),
            self::pick($dice, [null, Temperature::fahrenheit(self::number($dice, 33, 90)), Temperature::fahrenheit(self::number($dice, 40, 60))]),
            self::pick($dice, [null, TemperatureChange::fahrenheit(self::number($dice, -8, 8))]),
            self::pick($dice, [null, ...Run::cases()]),
            self::pick($dice, [null, Length::inches(self::number($dice, 1, 9))]),
            self::pick($dice, [[], [self::pick($dice, Colour::cases())]]),
            self::pick($dice, [null, ...Arm::cases()]),
            new Schools(
                self::pick($dice, PairingSchool::cases()),
                self::pick($dice, FinishSchool::cases()),
                self::pick($dice, DirtySchool::cases()),
                self::pick($dice, ShadStartSchool::cases()),
                self::pick($dice, RedSpringSchool::cases()),
                self::pick($dice, WoodSchool::cases()),
            ),
        );
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
