<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Carry\Problem;
use Kontrast\Inventory\Composition;
use Kontrast\Inventory\Inventory;
use Kontrast\Inventory\InventoryBlade;
use Kontrast\Inventory\InventoryTrailer;
use Kontrast\Lure\LureKind;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\LureRanking;
use Kontrast\Scoring\BuildScorer;
use Kontrast\Scoring\BuildSearch;
use Kontrast\Scoring\SharedScores;
use Kontrast\Water\ClearerThanWater;

/**
 * The bodies and trailers worth considering for a trip, and what every pair of them is worth in every scenario. Considered is whatever is
 * part of one of the best builds of some scenario; a build that is not is worth no more there than the last of those, which is the floor
 * that bounds everything left out. A blade may be darkened and a bladed jig's skirt pulled off on the water, so a body counts as the best
 * of what it can become.
 */
final class CarryChoice
{
    /** Best builds looked at in each scenario; of a full bin fewer, where the best are much alike. (Chosen.) */
    private const BEST = 30;
    private const BEST_OF_MANY = 8;
    private const MANY = 400;
    /** The most bodies and trailers that are kept. (Chosen.) */
    private const MOST_BODIES = 60;
    private const MOST_TRAILERS = 60;
    private const FULL = 100_000;

    /** @var list<Composition> bodies without a trailer */
    public readonly array $bodies;
    /** @var list<InventoryTrailer> */
    public readonly array $trailers;
    public readonly Problem $problem;
    /** @var list<int> by scenario, what no build left out is worth more than, thousandths of a point */
    public readonly array $floor;
    /** @var list<int> by scenario, the best build of all parts, with nothing to carry in mind */
    public readonly array $best;
    /** @var list<InventoryTrailer|null> the trailers, and none */
    private readonly array $withNone;
    private readonly SharedScores $shared;
    /** @var list<array<string, array{BuildScorer, float}>> by scenario and lure: what it is scored with, and how the lure suits it */
    private readonly array $scorers;

    /**
     * @param list<Scenario>                        $scenarios
     * @param array<string, int>                    $stock    how many of each part there are, by id
     * @param (\Closure(float): void)|null          $progress share done, 0 to 1
     *
     * @throws NotATrip where no lure can be made
     */
    public function __construct(
        TripPlan $plan,
        public readonly array $scenarios,
        private readonly Inventory $inventory,
        array $stock,
        private readonly Adviser $adviser,
        private readonly LureRanking $ranking,
        private readonly ReflectanceFitter $reflectances,
        ?\Closure $progress = null,
    ) {
        $this->shared = new SharedScores();
        $inked = $this->withInkedBlades();
        $most = $inventory->count() > self::MANY ? self::BEST_OF_MANY : self::BEST;
        $scorers = $found = [];
        foreach ($scenarios as $s => $scenario) {
            $scorers[] = $here = $this->scorersFor($plan, $scenario->reading);
            $builds = [];
            foreach ($here as [$scorer, $suits]) {
                foreach ((new BuildSearch($inked, $scorer, $most))->bestByPoints() as $rank => [$points, $build]) {
                    $builds[] = [self::value($points, $scorer, $suits), $build, $most - 1 === $rank];
                }
            }
            $found[] = $builds;
            null === $progress ? null : $progress(0.7 * ($s + 1) / \count($scenarios));
        }
        $this->scorers = $scorers;
        [$bodies, $trailers] = $this->kept($found);
        if ([] === $bodies) {
            throw NotATrip::nothingToCarry();
        }
        $this->bodies = array_values($bodies);
        $this->trailers = array_values($trailers);
        $this->withNone = [...$this->trailers, null];
        $floor = $best = [];
        foreach ($found as $builds) {
            $left = array_filter(
                $builds,
                static fn (array $one): bool => $one[2]
                    || !isset($bodies[self::key($one[1])]) || (null !== $one[1]->trailer && !isset($trailers[$one[1]->trailer->id])),
            );
            $floor[] = [] === $left ? 0 : max(array_column($left, 0));
            $best[] = [] === $builds ? 0 : max(array_column($builds, 0));
        }
        $this->floor = $floor;
        $this->best = $best;
        $this->problem = $this->problem($stock);
        null === $progress ? null : $progress(1.0);
    }

    /** @return array{BuildScorer, float} what a lure is scored with in a scenario, and how it suits it */
    public function scorer(int $scenario, LureKind $lure): array
    {
        return $this->scorers[$scenario][$lure->value];
    }

    /** @return array<string, array{BuildScorer, float}> by lure */
    private function scorersFor(TripPlan $plan, Reading $reading): array
    {
        $suits = [];
        foreach ($this->ranking->rank($reading) as $ranked) {
            $suits[$ranked->kind->value] = $ranked->worth / 100;
        }
        $scorers = [];
        foreach ($plan->lures as $lure) {
            $asked = $reading->with(lure: $lure);
            try {
                $scorers[$lure->value] = [
                    new BuildScorer($asked, $this->adviser->brief($asked), $this->reflectances, $this->shared),
                    1 === \count($plan->lures) ? 1.0 : ($suits[$lure->value] ?? 0.0),
                ];
            } catch (ClearerThanWater) {
                continue;
            }
        }

        return $scorers;
    }

    /**
     * @param list<list<array{int, Composition, bool}>> $found builds by scenario, each with its worth
     *
     * @return array{array<string, Composition>, array<string, InventoryTrailer>} by key
     */
    private function kept(array $found): array
    {
        $bodies = $trailers = $worth = [];
        foreach ($found as $s => $builds) {
            $weight = $this->scenarios[$s]->weight;
            foreach ($builds as [$points, $build]) {
                $key = self::key($build);
                $bodies[$key] ??= $this->asOwned($build->withoutTrailer());
                $worth[$key] = ($worth[$key] ?? 0.0) + $weight * $points;
                if (null !== $build->trailer) {
                    $trailers[$build->trailer->id] ??= $build->trailer;
                    $worth[$build->trailer->id] = ($worth[$build->trailer->id] ?? 0.0) + $weight * $points;
                }
            }
        }

        return [self::most($bodies, $worth, self::MOST_BODIES), self::most($trailers, $worth, self::MOST_TRAILERS)];
    }

    /**
     * @template T of object
     *
     * @param array<string, T>     $all
     * @param array<string, float> $worth
     *
     * @return array<string, T>
     */
    private static function most(array $all, array $worth, int $most): array
    {
        uksort($all, static fn (string $a, string $b): int => $worth[$b] <=> $worth[$a]);

        return \array_slice($all, 0, $most, true);
    }

    /** @param array<string, int> $stock */
    private function problem(array $stock): Problem
    {
        $values = [];
        $variants = array_map(self::variants(...), $this->bodies);
        foreach ($this->scorers as $s => $here) {
            $with = array_map(
                fn (array $one): array => array_map($one[0]->points->trailer(...), $this->withNone),
                $here,
            );
            foreach ($this->bodies as $b => $body) {
                $kind = $body->kind->value;
                $values[$s][$b] = isset($here[$kind])
                    ? $this->row($variants[$b], $with[$kind], ...$here[$kind])
                    : array_fill(0, \count($this->withNone), 0);
            }
        }

        return new Problem(
            array_map(static fn (Scenario $scenario): float => $scenario->weight, $this->scenarios),
            array_values(array_map(static fn (array $rows): array => array_map(array_values(...), array_values($rows)), $values)),
            \count($this->bodies),
            \count($this->trailers),
            array_map(self::uses(...), $this->bodies),
            $stock,
        );
    }

    /**
     * @param list<Composition> $variants what a body can become on the water
     * @param list<int>         $with     points of each trailer, and of none
     *
     * @return array<int, int> what the best of them is worth with each trailer, the last one without
     */
    private function row(array $variants, array $with, BuildScorer $scorer, float $suits): array
    {
        $row = array_fill(0, \count($with), 0);
        foreach ($variants as $variant) {
            $own = $scorer->points->body($variant);
            foreach ($this->withNone as $t => $trailer) {
                $row[$t] = max($row[$t], $own + $with[$t] + $scorer->points->pair($variant->skirt, $trailer));
            }
        }

        return array_map(static fn (int $points): int => self::value($points, $scorer, $suits), $row);
    }

    /** @return list<Composition> what a body can become on the water */
    public static function variants(Composition $body): array
    {
        $variants = [$body];
        $dark = $body->rear?->darken();
        if (null !== $dark) {
            $inked = $body->with($dark);
            $front = $body->front?->darken();
            $variants[] = null === $front ? $inked : $inked->with($front, true);
        }
        if ($body->kind->goesWithoutSkirt() && null !== $body->skirt) {
            $variants = [...$variants, ...array_map(static fn (Composition $one): Composition => $one->withoutSkirt(), $variants)];
        }

        return $variants;
    }

    /** Every metal blade also as it would be under a marker: on the water it is one stroke away. */
    private function withInkedBlades(): Inventory
    {
        return $this->inventory->plus(array_values(array_filter(
            array_map(static fn (InventoryBlade $blade): ?InventoryBlade => $blade->darken(), $this->inventory->blades),
        )));
    }

    /** With its blades as they are in the box. */
    private function asOwned(Composition $build): Composition
    {
        foreach ($this->inventory->blades as $blade) {
            $build = $build->rear?->id === $blade->id ? $build->with($blade) : $build;
            $build = $build->front?->id === $blade->id ? $build->with($blade, true) : $build;
        }

        return $build;
    }

    private static function value(int $points, BuildScorer $scorer, float $suits): int
    {
        return (int) round(self::FULL * $suits * $points / $scorer->most());
    }

    private static function key(Composition $build): string
    {
        return implode(' ', [
            $build->kind->value, $build->head->id, $build->front->id ?? '', $build->rear->id ?? '', $build->skirt->id ?? '',
            $build->hook->id ?? '',
        ]);
    }

    /** @return array<string, int> */
    private static function uses(Composition $body): array
    {
        return array_count_values(array_map(static fn ($part): string => $part->id, $body->parts()));
    }
}
