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

/** Chooses the few lures and trailers that cover a day best, and says what each is for, what is missing, and what one more would gain. */
final readonly class CarryPlanner
{
    private const POINT = 1000.0;
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
     * @param array<string, int>           $stock    how many of each part there are, by id
     * @param (\Closure(float): void)|null $progress share done, 0 to 1
     * @param (\Closure(): bool)|null      $goesOn   asked now and then whether to look any further; without it, up to a fixed effort
     *
     * @throws NotATrip
     */
    public function plan(
        TripPlan $plan,
        Inventory $inventory,
        array $stock,
        ?\Closure $progress = null,
        ?\Closure $goesOn = null,
    ): CarryPlan {
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
        $answer = (new CarrySolver($choice->problem, goesOn: $goesOn))->solve($plan->carriedLures, $plan->carriedTrailers);
        $bound = self::bound($choice, $answer, $plan, $goesOn);
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

    /**
     * What no choice of the parts owned is worth more than: the floor stands for every build that was not considered.
     *
     * @param (\Closure(): bool)|null $goesOn
     */
    private static function bound(CarryChoice $choice, CarryAnswer $answer, TripPlan $plan, ?\Closure $goesOn): float
    {
        $all = 0.0;
        foreach ($choice->scenarios as $s => $scenario) {
            $all += $scenario->weight * max($choice->best[$s], $choice->floor[$s]);
        }
        if (0 === max(0, ...$choice->floor)) {
            return min($all, $answer->bound);
        }
        $raised = new CarrySolver($choice->problem->withFloor($choice->floor), goesOn: $goesOn);

        return max($answer->worth, min($all, $raised->solve($plan->carriedLures, $plan->carriedTrailers)->bound));
    }

    /** @return array<int, float> */
    private static function curve(CarryChoice $choice, TripPlan $plan, CarryAnswer $answer): array
    {
        $least = 0.0;
        $curve = [];
        foreach (CarryStart::curve($choice->problem, TripPlan::MOST_LURES, $plan->carriedTrailers) as $lures => $worth) {
            // One more never makes it worse, and nothing beats the answer with as many.
            $least = max($least, $lures === $plan->carriedLures ? $answer->worth : $worth);
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
            $changed = [];
            foreach (self::used($choice, $answer) as $s => [$body, $trailer]) {
                if ($body === $b) {
                    $mine[] = $scenarios[$s];
                    $change = self::changeOnWater($choice, $s, $b, $trailer);
                    if (null !== $change) {
                        $changed[$change][] = $scenarios[$s];
                    }
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
                array_map(
                    static fn (string $change, array $when): string => $change.': '.self::bestFor($when, $scenarios),
                    array_keys($changed),
                    $changed,
                ),
            );
        }
        usort($lures, static fn (CarriedLure $a, CarriedLure $b): int => $b->covers <=> $a->covers);

        return $lures;
    }

    /** What a body is made into in a scenario, null where it is fished as it is. */
    private static function changeOnWater(CarryChoice $choice, int $scenario, int $b, ?int $t): ?string
    {
        $body = $choice->bodies[$b];
        [$scorer] = $choice->scorer($scenario, $body->kind);
        $trailer = null === $t ? null : $choice->trailers[$t];
        $best = [-1, $body];
        foreach (CarryChoice::variants($body) as $variant) {
            $points = $scorer->bodyPoints($variant) + $scorer->pair($variant->skirt, $trailer)->points;
            $best = $points > $best[0] ? [$points, $variant] : $best;
        }
        $said = array_keys(array_filter([
            'Ink the blade black' => true === $best[1]->rear?->darkened && false === $body->rear?->darkened,
            'Pull the skirt off' => null === $best[1]->skirt && null !== $body->skirt,
        ]));

        return [] === $said ? null : ucfirst(strtolower(implode(' and ', $said)));
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

    /** @return list<string> what cover eats (Z8) */
    private static function spares(CarryChoice $choice, CarryAnswer $answer, TripPlan $plan): array
    {
        $inCover = [] !== array_filter($plan->covers, static fn (Cover $cover): bool => Cover::Open !== $cover);
        $bladed = array_filter($answer->bodies, static fn (int $b): bool => LureKind::BladedJig === $choice->bodies[$b]->kind);

        return $inCover && [] !== $bladed
            ? ['Cover takes about half of the bladed jigs in a day: carry a spare head and a spare trailer for each.']
            : [];
    }
}
