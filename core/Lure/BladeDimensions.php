<?php

declare(strict_types=1);

namespace Kontrast\Lure;

use Kontrast\Measure\Length;

/**
 * How long and how wide a blade is, from its outline and number. A straight line through common catalogue sizes, from memory
 * (common practice, no source); makers differ by a tenth of an inch or so.
 */
final class BladeDimensions
{
    /** Inches at a number of nought, inches more per number, width as a share of the length. */
    private const LINES = [
        'colorado' => [0.50, 0.16, 0.82],
        'deep_colorado' => [0.50, 0.16, 0.82],
        'indiana' => [0.60, 0.19, 0.58],
        'willow' => [0.75, 0.30, 0.33],
        'bladed_jig' => [0.72, 0.16, 0.76],
    ];

    public static function length(BladeShape $shape, BladeSize $size): Length
    {
        [$base, $step] = self::LINES[$shape->value];

        return Length::inches($base + $step * $size->number);
    }

    public static function width(BladeShape $shape, BladeSize $size): Length
    {
        return self::length($shape, $size)->times(self::LINES[$shape->value][2]);
    }
}
