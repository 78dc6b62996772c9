<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Lure\HasLabel;

/** The moments of a year worth a notice, by a water's own temperatures (W11). */
enum Moment: string
{
    use HasLabel;

    case FirstFifty = 'first_fifty';
    case QuickRise = 'quick_rise';
    case LowSixties = 'low_sixties';
    case BackInFifties = 'back_in_fifties';

    /** What it means for what is tied on. */
    public function meaning(): string
    {
        return match ($this) {
            self::FirstFifty => 'Where crawfish turn red, they start now: red-orange works at any clarity.',
            self::QuickRise => 'A quick warm-up: try a bladed jig over shallow cover in ‹3 to 6 ft›.',
            self::LowSixties => 'Go down to a thin ‹3 in› trailer.',
            self::BackInFifties => 'Brown with orange is a jig skirt for water ‹of 50 to 59 °F|in the 50s› again.',
        };
    }

    /** @return list<string> */
    public function facts(): array
    {
        return match ($this) {
            self::FirstFifty => ['W11', 'F5'],
            self::QuickRise => ['W11', 'W8'],
            self::LowSixties => ['W11', 'T8'],
            self::BackInFifties => ['W11', 'S4'],
        };
    }

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::FirstFifty->value => 'first ‹50 °F› of the year',
            self::QuickRise->value => 'up ‹4 F°› or more in three days',
            self::LowSixties->value => '‹into 60 to 63 °F|into the low 60s›',
            self::BackInFifties->value => '‹back at 50 to 59 °F|back in the 50s›',
        ];
    }
}
