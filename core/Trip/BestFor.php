<?php

declare(strict_types=1);

namespace Kontrast\Trip;

/** Says in a few words what sets some scenarios apart from the whole day. */
final class BestFor
{
    /** A word is said where so much of the time is like that. (Chosen.) */
    private const MOSTLY = 0.8;

    /**
     * @param list<Scenario> $mine those a lure is for
     * @param list<Scenario> $all
     */
    public static function words(array $mine, array $all): string
    {
        $said = [];
        foreach ([
            [static fn (Scenario $one): string => $one->reading->sky->label(), ''],
            [static fn (Scenario $one): string => (string) round($one->reading->visibility->inInches()), ' in visibility'],
            [static fn (Scenario $one): string => $one->reading->cover->label(), ''],
            [static fn (Scenario $one): string => $one->reading->forage->label(), ''],
            [static fn (Scenario $one): string => $one->mood(), ''],
        ] as [$of, $unit]) {
            $mostly = self::mostly($mine, $of);
            if (\count($mostly) < \count(array_unique(array_map($of, $all)))) {
                $said[] = self::either($mostly).$unit;
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

    /** @param list<string> $words */
    private static function either(array $words): string
    {
        $last = (string) array_pop($words);

        return [] === $words ? $last : implode(', ', $words)." or $last";
    }
}
