<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Measure\Length;
use Kontrast\Measure\Temperature;
use Kontrast\Measure\TemperatureChange;
use Kontrast\Reading\Reading;
use Kontrast\Reading\ReadingBounds;

/** A number of the reading that rules fade over; the value is its field. */
enum Quantity: string
{
    case Visibility = 'visibility_in';
    case Surface = 'surface_f';
    case Depth = 'depth_ft';
    case ForageLength = 'forage_in';
    case Trend = 'trend_f';

    /** In the unit of the field, or null where it was not measured. */
    public function measure(Reading $reading): ?float
    {
        return match ($this) {
            self::Visibility => $reading->visibility->inInches(),
            self::Surface => $reading->surface?->inFahrenheit(),
            self::Depth => $reading->depth->inFeet(),
            self::ForageLength => $reading->forageLength?->inInches(),
            self::Trend => $reading->trend?->inFahrenheit(),
        };
    }

    public function set(Reading $reading, float $number): Reading
    {
        return match ($this) {
            self::Visibility => $reading->with(visibility: Length::inches($number)),
            self::Surface => $reading->with(surface: Temperature::fahrenheit($number)),
            self::Depth => $reading->with(depth: Length::feet($number)),
            self::ForageLength => $reading->with(forageLength: Length::inches($number)),
            self::Trend => $reading->with(trend: TemperatureChange::fahrenheit($number)),
        };
    }

    /** How far off an edge a number still counts as near it: the band over which a rule fades there, in the unit of the field. */
    public function nearness(float $number): float
    {
        return match ($this) {
            self::Visibility, self::Depth => $number * LENGTH_FADE_SHARE,
            self::ForageLength => $number * FORAGE_FADE_SHARE,
            self::Surface => TEMPERATURE_FADE_F,
            self::Trend => TREND_FADE_F,
        };
    }

    /** Whether a reading can have such a number. */
    public function isSensible(float $number): bool
    {
        return match ($this) {
            self::Visibility => $number > 0 && $number < 600,
            self::Depth => $number > 0 && $number <= ReadingBounds::MOST_DEPTH_FT,
            self::ForageLength => $number > 0 && $number <= ReadingBounds::MOST_FORAGE_IN,
            self::Surface => $number >= ReadingBounds::LEAST_SURFACE_F && $number <= ReadingBounds::MOST_SURFACE_F,
            self::Trend => abs($number) <= ReadingBounds::MOST_TREND_F,
        };
    }
}
