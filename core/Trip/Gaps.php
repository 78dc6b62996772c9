<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\GenericParts;
use Kontrast\Scoring\BuildScorer;

/** Finds what the day lacks: the advised parts that nobody carries and that would gain most. */
final class Gaps
{
    private const MOST = 3;
    /** A gap is told from so many points on. (Chosen.) */
    private const LEAST_GAIN = 3.0;

    /** @return list<Gap> the largest first, each part once */
    public static function find(CarryChoice $choice, CarryUse $use): array
    {
        $gaps = [];
        foreach ($choice->scenarios as $s => $scenario) {
            $build = $use->build($s);
            $gap = self::gap($scenario, $choice->scorer($s, $build->kind), $build);
            if (null !== $gap && $gap->gain >= self::LEAST_GAIN) {
                $gaps[] = $gap;
            }
        }
        usort($gaps, static fn (Gap $a, Gap $b): int => $b->scenario->weight * $b->gain <=> $a->scenario->weight * $a->gain);
        $told = [];
        foreach ($gaps as $gap) {
            $told[$gap->part->name()] ??= $gap;
        }

        return \array_slice(array_values($told), 0, self::MOST);
    }

    /** The advised part that would gain most in a build. */
    private static function gap(Scenario $scenario, BuildScorer $scorer, Composition $build): ?Gap
    {
        $now = $scorer->measure($build);
        $best = null;
        $advised = GenericParts::compose($scorer->brief->build);
        foreach ($advised->parts() as $part) {
            $with = $build->with($part, $part === $advised->front);
            $gain = 100 * ($scorer->measure($with)->points - $now->points) / max(1, $now->most());
            if (null === $best || $gain > $best->gain) {
                $best = new Gap($scenario, $part, $gain);
            }
        }

        return $best;
    }
}
