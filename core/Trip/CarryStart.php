<?php

declare(strict_types=1);

namespace Kontrast\Trip;

/** A good first answer: whatever gains most, one after another, then exchanges of one for another as long as one gains. */
final class CarryStart
{
    private const TINY = 1e-6;

    public static function for(CarryProblem $problem, int $lures, int $trailers): CarryAnswer
    {
        [$bodies, $with] = self::greedy($problem, $lures, $trailers);
        do {
            $worth = $problem->worth($bodies, $with);
            [$bodies, $with] = self::exchanged($problem, $bodies, $with);
        } while ($problem->worth($bodies, $with) > $worth + self::TINY);

        return new CarryAnswer($bodies, $with, $worth, $worth);
    }

    /** @return array{list<int>, list<int>} */
    private static function greedy(CarryProblem $problem, int $lures, int $trailers): array
    {
        $bodies = $with = [];
        do {
            $best = $problem->worth($bodies, $with);
            $pick = null;
            for ($b = 0; $b < $problem->bodies && \count($bodies) < $lures; ++$b) {
                if (!\in_array($b, $bodies, true) && $problem->canBeBuilt([...$bodies, $b])) {
                    $worth = $problem->worth([...$bodies, $b], $with);
                    [$best, $pick] = $worth > $best + self::TINY ? [$worth, [[...$bodies, $b], $with]] : [$best, $pick];
                }
            }
            for ($t = 0; $t < $problem->none && \count($with) < $trailers; ++$t) {
                if (!\in_array($t, $with, true)) {
                    $worth = $problem->worth($bodies, [...$with, $t]);
                    [$best, $pick] = $worth > $best + self::TINY ? [$worth, [$bodies, [...$with, $t]]] : [$best, $pick];
                }
            }
            [$bodies, $with] = $pick ?? [$bodies, $with];
        } while (null !== $pick);

        return [$bodies, $with];
    }

    /**
     * @param list<int> $bodies
     * @param list<int> $with
     *
     * @return array{list<int>, list<int>}
     */
    private static function exchanged(CarryProblem $problem, array $bodies, array $with): array
    {
        $now = $problem->worth($bodies, $with);
        foreach (array_keys($with) as $i) {
            for ($t = 0; $t < $problem->none; ++$t) {
                $try = self::replaced($with, $i, $t);
                $worth = \in_array($t, $with, true) ? $now : $problem->worth($bodies, $try);
                [$now, $with] = $worth > $now + self::TINY ? [$worth, $try] : [$now, $with];
            }
        }
        foreach (array_keys($bodies) as $i) {
            for ($b = 0; $b < $problem->bodies; ++$b) {
                $try = self::replaced($bodies, $i, $b);
                $worth = \in_array($b, $bodies, true) || !$problem->canBeBuilt($try) ? $now : $problem->worth($try, $with);
                [$now, $bodies] = $worth > $now + self::TINY ? [$worth, $try] : [$now, $bodies];
            }
        }

        return [$bodies, $with];
    }

    /**
     * @param list<int> $all
     *
     * @return list<int>
     */
    private static function replaced(array $all, int $at, int $by): array
    {
        $all[$at] = $by;

        return array_values($all);
    }
}
