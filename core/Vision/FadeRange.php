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
    /**
     * Steps of the walk in mean free paths of light, each up to where the next takes over: thin where things still cross the color of the
     * water, wide where they only fade.
     */
    private const STEPS = [10 => 0.1, 48 => 0.5];
    private const HALVINGS = 40;

    /** @param callable(float): float $of what is left at so many metres */
    public static function where(callable $of, float $limit, float $beamAttenuation): Length
    {
        $near = null;
        $far = 0.0;
        $from = 0.0;
        foreach (self::STEPS as $to => $step) {
            for ($i = 0; $i < ($to - $from) / $step; ++$i) {
                $here = ($from + $i * $step) / $beamAttenuation;
                if ($of($here) >= $limit) {
                    $near = $here;
                    $far = $here + $step / $beamAttenuation;
                }
            }
            $from = $to;
        }
        if (null === $near) {
            return Length::metres(0.0);
        }
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
