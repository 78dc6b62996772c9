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
 * The bodies and trailers worth considering for a trip, and what every pair of them is worth in every scenario, for every way in which the
 * fish may think of them. A blade may be darkened and a bladed jig's skirt pulled off on the water, so a body counts as the best of what it
 * can become.
 */
final class CarryChoice
{
    /** Best builds looked at in each scenario; of a full bin fewer, where the best are much alike. (Chosen.) */
    private const BEST = 30;
    private const BEST_OF_MANY = 8;
    private const MANY = 400;
    /** Waters of a day that a bin is searched for, the likeliest first; a full one for fewer. (Chosen.) */
    private const WATERS = 16;
    private const WATERS_OF_MANY = 4;
    /** The most bodies and trailers that are kept. (Chosen.) */
    public const MOST_BODIES = 60;
    public const MOST_TRAILERS = 40;
    private const FULL = 100_000;

    /** @var list<Composition> bodies without a trailer */
    public readonly array $bodies;
    /** @var list<InventoryTrailer> */
    public readonly array $trailers;
    /** Its rows are the scenarios, one after another for every draw. */
    public readonly Problem $problem;
    private readonly LooksOfParts $looks;
    /** @var list<array<string, BuildScorer>> by scenario and lure */
    private readonly array $scorers;
    /** @var list<array<string, float>> by scenario and lure, what the kind catches beside the others */
    private readonly array $kinds;

    /**
     * @param non-empty-list<Scenario>     $scenarios
     * @param array<string, int>           $stock      how many of each part there are, by id
     * @param (\Closure(float): void)|null $progress   share done, 0 to 1
     * @param int                          $mostBodies that are considered; with all of them nothing is lost
     * @param int                          $seed       of what the fish may think
     *
     * @throws NotATrip where no lure can be made
     */
    public function __construct(
        TripPlan $plan,
        public readonly array $scenarios,
        private readonly Inventory $inventory,
        array $stock,
        private readonly Adviser $adviser,
        LureRanking $ranking,
        private readonly Doubts $doubts,
        private readonly ReflectanceFitter $reflectances,
        ?\Closure $progress = null,
        int $mostBodies = self::MOST_BODIES,
        int $seed = 1,
    ) {
        $this->looks = new LooksOfParts();
        $shared = new SharedScores();
        $inked = $this->withInkedBlades();
        [$most, $waters] = $inventory->count() > self::MANY ? [self::BEST_OF_MANY, self::WATERS_OF_MANY] : [self::BEST, self::WATERS];
        $known = $scorers = $kinds = $found = $searched = [];
        foreach ($scenarios as $s => $scenario) {
            $key = spl_object_id($scenario->reading);
            $scorers[] = $known[$key] ??= $this->scorersFor($plan->lures, $scenario->reading, $shared);
            // How they bite and how deep it is change what is best by a shade: the search is made once for the rest of the water.
            $water = self::water($scenario->reading);
            $isKnown = isset($searched[$water]) || \count($searched) >= $waters;
            $found[] = $isKnown ? [] : self::searched($known[$key], $inked, $most);
            $searched += $isKnown ? [] : [$water => true];
            $kinds[] = $this->kindsIn($scenario, $plan->lures, $ranking);
            null === $progress ? null : $progress(0.7 * ($s + 1) / \count($scenarios));
        }
        $this->scorers = $scorers;
        $this->kinds = $kinds;
        [$this->bodies, $this->trailers] = $this->kept($found, $mostBodies);
        if ([] === $this->bodies) {
            throw NotATrip::nothingToCarry();
        }
        $this->problem = $this->problem($plan, $stock, $doubts->draws($seed));
        null === $progress ? null : $progress(1.0);
    }

    /** What a lure is scored with in a scenario. */
    public function scorer(int $scenario, LureKind $lure): BuildScorer
    {
        return $this->scorers[$scenario][$lure->value];
    }

    /** The scenario that a row of the problem is about. */
    public function scenarioOf(int $row): int
    {
        return intdiv($row, Doubts::DRAWS);
    }

    private static function water(Reading $reading): string
    {
        return implode(' ', [
            $reading->sky->value, $reading->visibility->inInches(), $reading->cover->value, $reading->forage->value,
        ]);
    }

    /**
     * @param list<LureKind> $lures
     *
     * @return array<string, BuildScorer> by lure
     */
    private function scorersFor(array $lures, Reading $reading, SharedScores $shared): array
    {
        $scorers = [];
        foreach ($lures as $lure) {
            $asked = $reading->with(lure: $lure);
            try {
                $scorers[$lure->value] = new BuildScorer($asked, $this->adviser->brief($asked), $this->reflectances, $shared);
            } catch (ClearerThanWater) {
                continue;
            }
        }

        return $scorers;
    }

    /**
     * @param array<string, BuildScorer> $scorers by lure
     *
     * @return list<array{int, Composition}> the best builds, thousandths of a point
     */
    private static function searched(array $scorers, Inventory $inked, int $most): array
    {
        $builds = [];
        foreach ($scorers as $scorer) {
            foreach ((new BuildSearch($inked, $scorer, $most))->bestByPoints() as [$points, $build]) {
                $builds[] = [(int) round(self::FULL * $points / $scorer->most()), $build];
            }
        }

        return $builds;
    }

    /**
     * @param list<LureKind> $lures
     *
     * @return array<string, float> by kind; where one has bitten, a lure that is worked slowly on the spot comes first (R9)
     */
    private function kindsIn(Scenario $scenario, array $lures, LureRanking $ranking): array
    {
        $ranks = [];
        foreach ($ranking->rank($scenario->reading) as $ranked) {
            if (\in_array($ranked->kind, $lures, true)) {
                $slow = $ranked->kind->isWound() ? 0.0 : 1.0;
                $ranks[$ranked->kind->value] = $scenario->isAfterBite ? $slow : $ranked->worth / 100;
            }
        }

        return match (true) {
            1 === \count($lures) => [$lures[0]->value => 1.0],
            $scenario->isAfterBite => Doubts::byRank($ranks),
            default => $this->doubts->kinds($ranks),
        };
    }

    /**
     * The best body of each kind, skirt and finish first, then the best of the rest: what differs by a shade only is looked at last.
     *
     * @param list<list<array{int, Composition}>> $found builds by scenario, each with its worth
     *
     * @return array{list<Composition>, list<InventoryTrailer>}
     */
    private function kept(array $found, int $mostBodies): array
    {
        $bodies = $trailers = $worth = $ofTrailer = [];
        foreach ($found as $s => $builds) {
            foreach ($builds as [$points, $build]) {
                $value = $this->scenarios[$s]->weight * ($this->kinds[$s][$build->kind->value] ?? 0.0) * $points;
                $body = $this->asOwned($build->withoutTrailer());
                $key = self::key($body);
                $bodies[$key] ??= $body;
                $worth[$key] = ($worth[$key] ?? 0.0) + $value;
                if (null !== $build->trailer) {
                    $trailers[$build->trailer->id] ??= $build->trailer;
                    $ofTrailer[$build->trailer->id] = ($ofTrailer[$build->trailer->id] ?? 0.0) + $value;
                }
            }
        }
        arsort($worth);
        arsort($ofTrailer);
        [$first, $rest] = [[], []];
        foreach (array_keys($worth) as $key) {
            $alike = $this->looks->ofBody($bodies[$key]);
            isset($first[$alike]) ? $rest[] = $bodies[$key] : $first[$alike] = $bodies[$key];
        }
        foreach ($this->mixed($bodies, $worth) as $alike => $body) {
            $first[$alike] ??= $body;
        }

        return [
            \array_slice([...array_values($first), ...$rest], 0, $mostBodies),
            array_map(
                static fn (string $id): InventoryTrailer => $trailers[$id],
                \array_slice(array_keys($ofTrailer), 0, self::MOST_TRAILERS),
            ),
        ];
    }

    /**
     * The best body of each kind with every skirt and blade that any of its best has.
     *
     * @param array<string, Composition> $bodies
     * @param array<string, float>       $worth  best first, by key
     *
     * @return array<string, Composition> by what they look like
     */
    private function mixed(array $bodies, array $worth): array
    {
        $best = $skirts = $blades = [];
        foreach (array_keys($worth) as $key) {
            $body = $bodies[$key];
            $kind = $body->kind->value;
            $best[$kind] ??= $body;
            if (null !== $body->skirt) {
                $skirts[$kind][$this->looks->skirt($body->skirt)->value] ??= $body->skirt;
            }
            if (null !== $body->rear && (null === $body->front) === (null === $best[$kind]->front)) {
                $blades[$kind][$body->rear->finish()->value] ??= [$body->front, $body->rear];
            }
        }
        $mixed = [];
        foreach ($best as $kind => $body) {
            foreach ($skirts[$kind] ?? [$body->skirt] as $skirt) {
                foreach ($blades[$kind] ?? [[null, null]] as [$front, $rear]) {
                    $other = null === $skirt ? $body : $body->with($skirt);
                    $other = null === $rear ? $other : $other->with($rear);
                    $other = null === $front ? $other : $other->with($front, true);
                    $mixed[$this->looks->ofBody($other)] ??= $other;
                }
            }
        }

        return $mixed;
    }

    /**
     * Points are of a hundred: what the advised lure of the best kind would be worth, whatever the fish think that day.
     *
     * @param array<string, int> $stock
     * @param list<Draw>         $draws
     */
    private function problem(TripPlan $plan, array $stock, array $draws): Problem
    {
        $variants = array_map(self::variants(...), $this->bodies);
        $looks = array_map($this->looks->trailer(...), [...$this->trailers, null]);
        $times = array_map(
            static fn (Draw $draw): array => array_map(static fn (array $look): float => $draw->trailer(...$look), $looks),
            $draws,
        );
        $weights = $values = [];
        $ideal = 0.0;
        foreach ($this->scenarios as $s => $scenario) {
            $own = $this->valuesIn($s, $variants);
            foreach ($draws as $d => $draw) {
                $weights[] = $scenario->weight / \count($draws);
                $ideal += $scenario->weight / \count($draws) * $this->ideal($s, $draw);
                $values[] = $this->row($own, $draw, $times[$d]);
            }
        }

        $kinds = array_map(static fn (Composition $body): string => $body->kind->value, $this->bodies);

        return new Problem(
            array_map(static fn (float $weight): float => $ideal > 0 ? $weight / $ideal : $weight, $weights),
            $values,
            \count($this->bodies),
            \count($this->trailers),
            array_map(self::uses(...), $this->bodies),
            $stock,
            $kinds,
            // Not more than the parts owned make.
            min($plan->leastKinds, \count(array_unique($kinds))),
        );
    }

    /**
     * @param list<list<Composition>> $variants what each body can become on the water
     *
     * @return list<list<array{Composition, list<int>}>> by body, each of them with what it is worth with each trailer, the last one without
     */
    private function valuesIn(int $s, array $variants): array
    {
        $withNone = [...$this->trailers, null];
        $with = [];
        foreach ($this->scorers[$s] as $kind => $scorer) {
            $with[$kind] = array_map($scorer->points->trailer(...), $withNone);
        }
        $values = [];
        foreach ($this->bodies as $b => $body) {
            $kind = $body->kind->value;
            $scorer = $this->scorers[$s][$kind] ?? null;
            $ways = [];
            if (null === $scorer) {
                $values[] = [];
                continue;
            }
            $full = self::FULL * ($this->kinds[$s][$kind] ?? 0.0) / $scorer->most();
            foreach ($variants[$b] as $variant) {
                $own = $scorer->points->body($variant);
                $row = [];
                foreach ($withNone as $t => $trailer) {
                    $row[] = (int) ($full * ($own + $with[$kind][$t] + $scorer->points->pair($variant->skirt, $trailer)));
                }
                $ways[] = [$variant, $row];
            }
            $values[] = $ways;
        }

        return $values;
    }

    /**
     * @param list<list<array{Composition, list<int>}>> $own
     * @param list<float>                               $times by trailer, and without
     *
     * @return list<list<int>> by body and trailer
     */
    private function row(array $own, Draw $draw, array $times): array
    {
        $nothing = array_fill(0, \count($times), 0);
        $rows = [];
        foreach ($own as $variants) {
            $row = $nothing;
            foreach ($variants as [$variant, $values]) {
                $of = $draw->body($variant->kind, $this->looks->skirt($variant->skirt), $variant->rear?->finish());
                foreach ($values as $t => $value) {
                    $worth = (int) ($of * $times[$t] * $value);
                    if ($worth > $row[$t]) {
                        $row[$t] = $worth;
                    }
                }
            }
            $rows[] = $row;
        }

        return $rows;
    }

    /** What the best of the advised lures would be worth, 1 on the mean. */
    private function ideal(int $s, Draw $draw): float
    {
        $most = 0.0;
        foreach ($this->scorers[$s] as $kind => $scorer) {
            $build = $scorer->brief->build;
            $most = max($most, ($this->kinds[$s][$kind] ?? 0.0)
                * $draw->body($build->kind, $build->skirt?->base, $build->rearBlade()?->finish)
                * $draw->trailer($build->trailer?->base, $build->trailer?->style));
        }

        return $most;
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
