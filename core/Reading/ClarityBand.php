<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Measure\Length;

/**
 * The trade's names for how far down a lure stays in sight. Common practice, no published source;
 * the band from 18 in down to 6 in is "dirty", below it "muddy".
 */
enum ClarityBand: string
{
    case Muddy = 'muddy';
    case Dirty = 'dirty';
    case Stained = 'stained';
    case Clear = 'clear';
    case VeryClear = 'very_clear';

    public static function of(Length $visibility): self
    {
        $inches = $visibility->inInches();

        return match (true) {
            $inches < 6 => self::Muddy,
            $inches < 18 => self::Dirty,
            $inches < 36 => self::Stained,
            $inches <= 60 => self::Clear,
            default => self::VeryClear,
        };
    }
}
