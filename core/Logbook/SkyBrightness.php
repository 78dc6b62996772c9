<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Reading\Sky;

/** Skies that light a lure alike, so that stints under them can be compared. (Chosen.) */
enum SkyBrightness: string
{
    case Bright = 'bright';
    case Gray = 'gray';
    case Dim = 'dim';

    public static function of(Sky $sky): self
    {
        return match ($sky) {
            Sky::Sun, Sky::Broken => self::Bright,
            Sky::Overcast, Sky::Rain => self::Gray,
            Sky::Storm, Sky::LowSun, Sky::Night => self::Dim,
        };
    }
}
