<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Lure\HasLabel;
use Kontrast\Reading\SkyAt;

/** How high the sun stands, in steps in which the light changes about as much. (Chosen, but for twilight and low sun.) */
enum SunBand: string
{
    use HasLabel;

    case Night = 'night';
    case Twilight = 'twilight';
    case Low = 'low';
    case Middle = 'middle';
    case High = 'high';
    case Unknown = 'unknown';

    private const HIGH_DEG = 35.0;

    /** @param float|null $height degrees, negative under the horizon; null where nobody knows */
    public static function of(?float $height): self
    {
        return match (true) {
            null === $height => self::Unknown,
            $height < SkyAt::NIGHT_DEG => self::Night,
            $height < 0 => self::Twilight,
            $height < SkyAt::LOW_SUN_DEG => self::Low,
            $height < self::HIGH_DEG => self::Middle,
            default => self::High,
        };
    }

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::Low->value => 'up to 12°',
            self::Middle->value => '12 to 35°',
            self::High->value => 'over 35°',
        ];
    }
}
