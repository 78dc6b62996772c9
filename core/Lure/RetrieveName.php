<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** How a lure is worked. */
enum RetrieveName: string
{
    use HasLabel;

    case Pitch = 'pitch';
    case SwimHigh = 'swim_high';
    case SwimLow = 'swim_low';
    case Rip = 'rip';
    case Knock = 'knock';
    case Steady = 'steady';
    case SlowRoll = 'slow_roll';
    case Burn = 'burn';
    case Drop = 'drop';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::Pitch->value => 'pitch and drag',
            self::SwimHigh->value => 'swim high',
            self::SwimLow->value => 'swim low',
            self::Rip->value => 'rip free of the grass',
            self::Knock->value => 'knock on cover',
            self::Steady->value => 'steady',
            self::SlowRoll->value => 'slow-roll',
            self::Burn->value => 'burn just under the surface',
            self::Drop->value => 'drop on a tight line',
        ];
    }
}
