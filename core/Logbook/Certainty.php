<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/** How sure the notes are, in words. Never surer than hours on the water can make anybody: no chance is told as certain. */
final class Certainty
{
    /** From so many hours on a chance above 99 % is told as such. (Chosen.) */
    private const HOURS_FOR_OVER = 50.0;
    private const OVER = 0.99;

    /**
     * @param float $chance 0 to 1
     * @param float $hours  fished, that it rests on
     *
     * @return string "87 % sure", "nearly sure", "over 99 % sure"; "under 1 % sure" at the other end
     */
    public static function words(float $chance, float $hours): string
    {
        return match (true) {
            $chance > self::OVER => $hours < self::HOURS_FOR_OVER ? 'nearly sure' : 'over 99 % sure',
            $chance < 1 - self::OVER => 'under 1 % sure',
            default => \sprintf('%d %% sure', (int) round(100 * $chance)),
        };
    }
}
