<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\GenericParts;
use Kontrast\Inventory\Inventory;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Reading\Cover;
use Kontrast\Reading\LureKind;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\LureRanking;
use Kontrast\Scoring\BuildScorer;

/** Chooses the few lures and trailers that cover a day best, and says what each is for, what the day lacks, and what one more would gain. */
final readonly class CarryPlanner
{
    private const POINT = 1000.0;
    /** Sets looked at for the whole plan, for its bound, and for each point of the curve. (Chosen.) */
    private const MOST_SETS_CURVE = 3_000;
    private const MOST_GAPS = 3;
    /** A gap is told from so many points on. (Chosen.) */
    private const LEAST_GAIN = 3.0;
    /** A word is said of a lure where so much of its time is like that. (Chosen.) */
    private const MOSTLY = 0.8;

    public function __construct(
        private Adviser $adviser,
        private LureRanking $ranking,
        private ReflectanceFitter $reflectances,
    ) {
    }

    /**
     * @param array<string, int>             $stock    how many of each part there are, by id
     * @param (\Closure(float): void)|null   $progress share done, 0 to 1
     *
     * @throws NotATrip
     */
    public function plan(TripPlan $plan, Inventory $inventory, array $stock, ?\Closure $progress = null): CarryPlan
    {
        $scenarios = Scenarios::of($plan);
        $choice = new CarryChoice(
            $plan,
            $scenarios,
            $inventory,
            $stock,
            $this->adviser,
            $this->ranking,
            $this->reflectances,
            null === $progress ? null : static fn (float $done) => $progress(0.7 * $done),
        );
        $solver = new CarrySolver($choice->problem);
        $answer = $solver->solve($plan->carriedLures, $plan->carriedTrailers);
        $bound = self::bound($choice, $answer, $plan);
        null === $progress ? null : $progress(0.9);
        $curve = self::curve($choice, $plan, $answer);

        return new CarryPlan(
            $this->lures($choice, $answer, $scenarios),
            self::trailers($choice, $answer),
            $answer->worth / self::POINT,
            $bound / self::POINT,
            (new CarryAnswer([], [], $answer->worth, $bound))->isExact(),
            $this->gaps($choice, $answer),
            $curve,
            self::spares($choice, $answer, $plan),
            \count($scenarios),
        );
    }

    /** What no choice of the parts owned is worth more than: the floor stands for every build that was not considered. */
    private static function bound(CarryChoice $choice, CarryAnswer $answer, TripPlan $plan): float
    {
        $all = 0.0;
        foreach ($choice->scenarios as $s => $scenario) {
            $all += $scenario->weight * max($choice->best[$s], $choice->floor[$s]);
        }
        if (0 === max(0, ...$choice->floor)) {
            return min($all, $answer->bound);
        }
        $raised = new CarrySolver($choice->problem->withFloor($choice->floor));

        return max($answer->worth, min($all, $raised->solve($plan->carriedLures, $plan->carriedTrailers)->bound));
    }

    /** @return array<int, float> */
    private static function curve(CarryChoice $choice, TripPlan $plan, CarryAnswer $answer): array
    {
        $curve = [];
        $least = 0.0;
        for ($lures = 1; $lures <= TripPlan::MOST_LURES; ++$lures) {
            $worth = $lures === $plan->carriedLures
                ? $answer->worth
                : (new CarrySolver($choice->problem, self::MOST_SETS_CURVE))->solve($lures, $plan->carriedTrailers)->worth;
            // One more never makes it worse; a walk that was cut short may have missed it.
            $least = max($least, $worth);
            $curve[$lures] = round($least / self::POINT, 1);
        }

        return $curve;
    }

    /**
     * @param list<Scenario> $scenarios
     *
     * @return list<CarriedLure>
     */
    private function lures(CarryChoice $choice, CarryAnswer $answer, array $scenarios): array
    {
        $lures = [];
        foreach ($answer->bodies as $b) {
            $mine = [];
            $trailers = [];
            foreach (self::used($choice, $answer) as $s => [$body, $trailer]) {
                if ($body === $b) {
                    $mine[] = $scenarios[$s];
                    $trailers[$trailer ?? -1] = ($trailers[$trailer ?? -1] ?? 0.0) + $scenarios[$s]->weight;
                }
            }
            arsort($trailers);
            $trailer = $choice->trailers[array_key_first($trailers) ?? -1] ?? null;
            $body = $choice->bodies[$b];
            $lures[] = new CarriedLure(
                null === $trailer ? $body : $body->with($trailer),
                array_sum(array_map(static fn (Scenario $one): float => $one->weight, $mine)),
                [] === $mine ? 'a spare' : self::bestFor($mine, $scenarios),
            );
        }
        usort($lures, static fn (CarriedLure $a, CarriedLure $b): int => $b->covers <=> $a->covers);

        return $lures;
    }

    /** @return list<CarriedTrailer> */
    private static function trailers(CarryChoice $choice, CarryAnswer $answer): array
    {
        $covers = array_fill_keys($answer->trailers, 0.0);
        foreach (self::used($choice, $answer) as $s => [, $trailer]) {
            if (null !== $trailer) {
                $covers[$trailer] += $choice->scenarios[$s]->weight;
            }
        }
        // One that is never on a hook stays at home.
        $covers = array_filter($covers, static fn (float $share): bool => $share > 0.0);
        arsort($covers);

        return array_map(
            static fn (int $t, float $share): CarriedTrailer => new CarriedTrailer($choice->trailers[$t], $share),
            array_keys($covers),
            $covers,
        );
    }

    /** @return list<array{int, int|null}> by scenario, the body and the trailer that are fished */
    private static function used(CarryChoice $choice, CarryAnswer $answer): array
    {
        $used = [];
        foreach ($choice->problem->values as $values) {
            $best = [-1, $answer->bodies[0] ?? 0, null];
            foreach ($answer->bodies as $b) {
                foreach ([null, ...$answer->trailers] as $t) {
                    $worth = $values[$b][$t ?? $choice->problem->none];
                    $best = $worth > $best[0] ? [$worth, $b, $t] : $best;
                }
            }
            $used[] = [$best[1], $best[2]];
        }

        return $used;
    }

    /**
     * @param list<Scenario> $mine
     * @param list<Scenario> $all
     */
    private static function bestFor(array $mine, array $all): string
    {
        $said = [];
        foreach ([
            [static fn (Scenario $one): string => $one->reading->sky->label(), ''],
            [static fn (Scenario $one): string => (string) round($one->reading->visibility->inInches()), ' in visibility'],
            [static fn (Scenario $one): string => $one->reading->cover->label(), ''],
            [static fn (Scenario $one): string => $one->reading->forage->label(), ''],
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
            $words[] = (string) $word;
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

    /** @return list<Gap> */
    private function gaps(CarryChoice $choice, CarryAnswer $answer): array
    {
        $gaps = [];
        foreach (self::used($choice, $answer) as $s => [$b, $t]) {
            $trailer = null === $t ? null : $choice->trailers[$t];
            $body = $choice->bodies[$b];
            [$scorer] = $choice->scorer($s, $body->kind);
            $gap = $this->gap($choice->scenarios[$s], $scorer, null === $trailer ? $body : $body->with($trailer));
            if (null !== $gap && $gap->gain >= self::LEAST_GAIN) {
                $gaps[] = $gap;
            }
        }
        usort($gaps, static fn (Gap $a, Gap $b): int => $b->scenario->weight * $b->gain <=> $a->scenario->weight * $a->gain);
        $told = [];
        foreach ($gaps as $gap) {
            $told[$gap->part->name()] ??= $gap;
        }

        return \array_slice(array_values($told), 0, self::MOST_GAPS);
    }

    /** The advised part that would gain most in a build. */
    private function gap(Scenario $scenario, BuildScorer $scorer, Composition $build): ?Gap
    {
        $now = $scorer->measure($build);
        $best = null;
        $advised = GenericParts::of($scorer->brief->build);
        foreach ($advised->parts() as $part) {
            $with = $build->with($part, $part === $advised->front);
            $gain = 100 * ($scorer->measure($with)->points - $now->points) / max(1, $now->most());
            if (null === $best || $gain > $best->gain) {
                $best = new Gap($scenario, $part, $gain);
            }
        }

        return $best;
    }

    /** Cover eats bladed jigs (Z8). @return list<string> */
    private static function spares(CarryChoice $choice, CarryAnswer $answer, TripPlan $plan): array
    {
        $inCover = [] !== array_filter($plan->covers, static fn (Cover $cover): bool => Cover::Open !== $cover);
        $bladed = array_filter($answer->bodies, static fn (int $b): bool => LureKind::BladedJig === $choice->bodies[$b]->kind);

        return $inCover && [] !== $bladed
            ? ['Cover takes about half of the bladed jigs in a day: carry a spare head and a spare trailer for each.']
            : [];
    }
}
