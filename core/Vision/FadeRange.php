<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Measure\Length;

/**
 * The distance at which something that fades with distance falls to a limit for good: the last crossing, found by walking
 * inwards and then halving. Nought where it never reaches the limit.
 */
final class FadeRange
{
    /**
     * The walk in mean free paths of light, [from, to, step]: wide where things only fade, thin where they still cross the color of the
     * water. Steps that binary fractions hold, so that the last one ends at nought.
     */
    private const STEPS = [[10.0, 48.0, 0.5], [0.0, 10.0, 0.125]];
    private const HALVINGS = 32;

    /** @param callable(float): float $of what is left at so many metres */
    public static function where(callable $of, float $limit, float $beamAttenuation): Length
    {
        foreach (self::STEPS as [$from, $to, $step]) {
            for ($far = $to; $far > $from; $far -= $step) {
                $near = $far - $step;
                if ($of($near / $beamAttenuation) >= $limit) {
                    return self::between($near / $beamAttenuation, $far / $beamAttenuation, $of, $limit);
                }
            }
        }

        return Length::metres(0.0);
    }

    /** @param callable(float): float $of at or above a limit at the nearer, below it at the farther */
    private static function between(float $near, float $far, callable $of, float $limit): Length
    {
        for ($i = 0; $i < self::HALVINGS; ++$i) {
            $middle = ($near + $far) / 2;
            if ($of($middle) >= $limit) {
                $near = $middle;
            } else {
                $far = $middle;
            }
        }

        return Length::metres(($near + $far) / 2);
    }
}
