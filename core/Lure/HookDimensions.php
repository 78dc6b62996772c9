<?php

declare(strict_types=1);

namespace Kontrast\Lure;

use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;

/**
 * Shank and gap of the hooks moulded into heads, and which head carries which. From memory of common catalogue sizes
 * (common practice, no source).
 */
final class HookDimensions
{
    /** Shank from the collar to the outside of the bend, and gap, in inches. */
    private const INCHES = [1 => [0.85, 0.40], 2 => [0.98, 0.46], 3 => [1.12, 0.52], 4 => [1.27, 0.59], 5 => [1.42, 0.66]];

    public static function shank(HookSize $size): Length
    {
        return Length::inches(self::INCHES[$size->aught][0]);
    }

    public static function gap(HookSize $size): Length
    {
        return Length::inches(self::INCHES[$size->aught][1]);
    }

    public static function forHead(Weight $weight): HookSize
    {
        return HookSize::aught(match (true) {
            $weight->inOunces() < 0.3 => 3,
            $weight->inOunces() < 0.45 => 4,
            default => 5,
        });
    }
}
