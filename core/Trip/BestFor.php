<?php

declare(strict_types=1);

namespace Kontrast\Trip;

/** Says in a few words what sets some scenarios apart from the whole day. */
final class BestFor
{
    /** A word is said where so much of the time is like that, and left out where so much of the whole day is. (Chosen.) */
    private const MOSTLY = 0.8;
    private const TELLING = 0.7;

    /**
     * @param list<Scenario> $mine those a lure is for
     * @param list<Scenario> $all
     */
    public static function words(array $mine, array $all): string
    {
        $said = [];
        foreach ([
            [static fn (Scenario $one): string => $one->reading->sky->label(), '%s'],
            [static fn (Scenario $one): string => (string) round($one->reading->visibility->inInches()), '‹%s in› visibility'],
            [static fn (Scenario $one): string => $one->reading->cover->label(), '%s'],
            [static fn (Scenario $one): string => $one->reading->forage->label(), '%s'],
            [static fn (Scenario $one): string => $one->mood(), '%s'],
        ] as [$of, $asSaid]) {
            $mostly = self::mostly($mine, $of);
            if (self::shareOf($mostly, $all, $of) < self::TELLING) {
                $said[] = \sprintf($asSaid, self::either($mostly));
            }
        }

        return [] === $said ? 'most of the day' : implode('; ', $said);
    }

    /**
     * @param list<Scenario>               $mine
     * @param \Closure(Scenario): string   $of
     *
     * @return list<string> the fewest words that make up most of them
     */
    private static function mostly(array $mine, \Closure $of): array
    {
        $shares = [];
        foreach ($mine as $one) {
            $shares[$of($one)] = ($shares[$of($one)] ?? 0.0) + $one->weight;
        }
        arsort($shares);
        $words = [];
        $sum = 0.0;
        foreach ($shares as $word => $share) {
            if ($sum >= self::MOSTLY * array_sum($shares)) {
                break;
            }
            $words[] = $word;
            $sum += $share;
        }

        return $words;
    }

    /**
     * @param list<string>               $words
     * @param list<Scenario>             $all
     * @param \Closure(Scenario): string $of
     */
    private static function shareOf(array $words, array $all, \Closure $of): float
    {
        $share = 0.0;
        foreach ($all as $one) {
            $share += \in_array($of($one), $words, true) ? $one->weight : 0.0;
        }

        return $share;
    }

    /** @param list<string> $words */
    private static function either(array $words): string
    {
        $last = (string) array_pop($words);

        return [] === $words ? $last : implode(', ', $words)." or $last";
    }
}
