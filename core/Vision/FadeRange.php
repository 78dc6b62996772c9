<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Measure\Length;

/**
 * The distance at which something that fades with distance falls to a limit for good: the last crossing, found by walking
 * outwards and then halving. Nought where it never reaches the limit.
 */
final class FadeRange
{
    /** Steps and reach of the walk, in mean free paths of light. */
    private const STEP = 0.25;
    private const REACH = 48.0;
    private const HALVINGS = 40;

    /** @param callable(float): float $of what is left at so many metres */
    public static function where(callable $of, float $limit, float $beamAttenuation): Length
    {
        $step = self::STEP / $beamAttenuation;
        $last = null;
        for ($i = 0; $i <= self::REACH / self::STEP; ++$i) {
            if ($of($i * $step) >= $limit) {
                $last = $i;
            }
        }
        if (null === $last) {
            return Length::metres(0.0);
        }
        $near = $last * $step;
        $far = $near + $step;
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
