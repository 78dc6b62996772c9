<?php

declare(strict_types=1);

namespace Kontrast\Practice;

use Kontrast\Lure\LureKind;
use Kontrast\Measure\Length;
use Kontrast\Measure\Temperature;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Slot;

/** First lessons: one pick, followed through a few waters. What is tied in each, and why, the rules say. */
enum Ladder: string
{
    case Clarity = 'clarity';
    case Sets = 'sets';
    case Pairing = 'pairing';
    case Trailer = 'trailer';

    /** The pick that changes from water to water. */
    public function slot(): Slot
    {
        return match ($this) {
            self::Clarity => Slot::SkirtBase,
            self::Sets => Slot::Set,
            self::Pairing => Slot::Pairing,
            self::Trailer => Slot::TrailerStyle,
        };
    }

    public function title(): string
    {
        return match ($this) {
            self::Clarity => 'The ladder of clarity',
            self::Sets => 'The four sets',
            self::Pairing => 'Match or contrast',
            self::Trailer => 'The trailer’s job',
        };
    }

    /** @return non-empty-list<non-empty-list<Reading>> the waters of each of its screens */
    public function screens(): array
    {
        return match ($this) {
            self::Clarity => [
                [self::water(LureKind::SwimJig, 6, Tint::Clay, Sky::Broken, Forage::Bluegill)],
                [self::water(LureKind::SwimJig, 26, Tint::Green, Sky::Broken, Forage::Bluegill)],
                [self::water(LureKind::SwimJig, 84, Tint::None, Sky::Overcast, Forage::Shad)],
            ],
            self::Sets => [
                [
                    self::water(LureKind::Spinnerbait, 5, Tint::Clay, Sky::Overcast, Forage::Crawfish),
                    self::water(LureKind::Spinnerbait, 8, Tint::Clay, Sky::Overcast, Forage::Shad),
                ],
                [self::water(LureKind::BladedJig, 26, Tint::Tannic, Sky::Overcast, Forage::Bluegill)],
                [self::water(LureKind::BladedJig, 84, Tint::None, Sky::Sun, Forage::Bluegill, Wind::Calm)],
            ],
            self::Pairing => [
                [self::water(LureKind::SwimJig, 84, Tint::None, Sky::Sun, Forage::Bluegill)],
                [self::water(LureKind::SwimJig, 24, Tint::Green, Sky::Broken, Forage::Bluegill)],
                [self::water(LureKind::SwimJig, 7, Tint::Clay, Sky::Overcast, Forage::Bluegill)],
            ],
            self::Trailer => [
                [self::water(LureKind::Jig, 24, Tint::Green, Sky::Broken, Forage::Crawfish, surface: 44, season: Season::LateWinter)],
                [self::water(LureKind::Jig, 24, Tint::Green, Sky::Broken, Forage::Crawfish, surface: 68, season: Season::Spring)],
                [self::water(LureKind::BladedJig, 24, Tint::Green, Sky::Broken, Forage::Shad, surface: 68, season: Season::Spring)],
            ],
        };
    }

    private static function water(
        LureKind $lure,
        float $inches,
        Tint $tint,
        Sky $sky,
        Forage $forage,
        Wind $wind = Wind::Ripple,
        float $surface = 66,
        Season $season = Season::Spring,
    ): Reading {
        return new Reading(
            lure: $lure,
            visibility: Length::inches($inches),
            tint: $tint,
            sky: $sky,
            wind: $wind,
            depth: Length::feet(4),
            season: $season,
            cover: Cover::Open,
            coverDensity: CoverDensity::Normal,
            forage: $forage,
            surface: Temperature::fahrenheit($surface),
        );
    }
}
