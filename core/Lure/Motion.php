<?php

declare(strict_types=1);

namespace Kontrast\Lure;

use Kontrast\Measure\Length;

/** How fast the parts of a lure move when it is pulled through the water. Chosen, from the physics; nobody measured it. */
final class Motion
{
    /** How far a blade travels in one turn, of its length: 2π·sin β/1.2, β the blade's angle to its shaft. (Chosen.) */
    private const TRAVEL = ['colorado' => 4.3, 'deep_colorado' => 4.8, 'indiana' => 3.4, 'willow' => 1.8];
    /** How often the tail of a swimming fish beats: beats × width of the beat / speed, 0.2 to 0.4. Taylor, Nudds & Thomas 2003. */
    private const STROUHAL = 0.3;
    /** Share of its length that a trailer's tail or claws sweep. (Chosen.) */
    private const SWEEP = 0.25;

    /** Metres a second. (Chosen.) */
    public static function speed(Pace $pace): float
    {
        return match ($pace) {
            Pace::Slow => 0.3,
            Pace::Medium => 0.6,
            Pace::Fast => 1.2,
        };
    }

    /** Turns of a blade a second, or swings of a bladed jig's plate there and back. */
    public static function ofBlade(BladeShape $shape, Length $length, Pace $pace): float
    {
        return BladeShape::BladedJig === $shape
            ? self::ofPlate($pace)
            : self::speed($pace) / (self::TRAVEL[$shape->value] * $length->inMetres());
    }

    /** Beats of a trailer's tail or claws a second, there and back. */
    public static function ofTrailer(Length $length, Pace $pace): float
    {
        return self::STROUHAL * self::speed($pace) / (self::SWEEP * $length->inMetres());
    }

    /** 6 to 12 swings a second. (Chosen.) */
    private static function ofPlate(Pace $pace): float
    {
        return match ($pace) {
            Pace::Slow => 6.0,
            Pace::Medium => 9.0,
            Pace::Fast => 12.0,
        };
    }
}
