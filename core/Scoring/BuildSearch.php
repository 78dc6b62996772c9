<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\Inventory;
use Kontrast\Inventory\InventoryBlade;
use Kontrast\Inventory\InventoryHead;
use Kontrast\Inventory\InventoryHook;
use Kontrast\Inventory\InventorySkirt;
use Kontrast\Inventory\InventoryTrailer;
use Kontrast\Lure\Arm;
use Kontrast\Lure\LureKind;

/**
 * Finds the best builds of a bin: exactly, over every combination that fits, without trying each. What a build is worth is a sum
 * in which the skirt alone meets more than one other part (trailer, rear blade), and the arm of the head decides
 * which blades and hooks it takes. So for each skirt, and each arm, the best trailers, blades and heads are found by themselves and only
 * their few best sums are looked at; a skirt that could not reach the list with the best of everything is passed over.
 */
final class BuildSearch
{
    public const MOST = 10;
    /** A blade cannot go in front of itself, bare or inked. */
    private const SAME_BLADE = 2;

    private readonly LureKind $kind;
    /** @var list<InventoryHead> */
    private readonly array $heads;
    /** @var list<InventoryBlade> */
    private readonly array $blades;
    /** @var list<InventorySkirt|null> */
    private readonly array $skirts;
    /** @var list<InventoryTrailer|null> */
    private readonly array $trailers;
    /** @var list<InventoryHook> */
    private readonly array $hooks;

    public function __construct(Inventory $bin, private readonly BuildScorer $scorer, private readonly int $most = self::MOST)
    {
        $reading = $scorer->reading;
        $this->kind = $reading->lure;
        $this->heads = array_values(array_filter($bin->heads, static fn (InventoryHead $head): bool => PartFit::head($head, $reading)));
        $mount = $this->kind->bladeMount();
        $this->blades = array_values(array_filter($bin->blades, static fn (InventoryBlade $blade): bool => $mount->takes($blade->shape)));
        $this->skirts = [...$bin->skirts, ...($this->kind->goesWithoutSkirt() ? [null] : [])];
        $this->trailers = [...$bin->trailers, null];
        $this->hooks = $this->kind->takesTrailerHook() ? $bin->hooks : [];
    }

    /** @return list<RankedBuild> best first; equals in the order of the bin */
    public function best(): array
    {
        return array_map(
            fn (array $one): RankedBuild => new RankedBuild($one[1], $this->scorer->measure($one[1])),
            $this->bestByPoints(),
        );
    }

    /** @return list<array{int, Composition}> the same with their points alone */
    public function bestByPoints(): array
    {
        $arms = $this->byArm();
        if ([] === $arms) {
            return [];
        }
        $points = $this->scorer->points;
        $trailers = new BestFirst(
            array_map($points->mostOfTrailer(...), $this->trailers),
            fn (int $t): int => $points->trailer($this->trailers[$t]),
        );
        $skirts = new BestFirst(
            array_map($points->mostOfSkirt(...), $this->skirts),
            fn (int $s): int => $points->mostOfSkirtByVotes($this->skirts[$s]),
            fn (int $s): int => $points->skirt($this->skirts[$s]),
        );
        $beside = $trailers->getIterator()->current() + BuildScorer::PAIR + max(
            array_map(static fn (array $arm): int => $arm['heads'][0][0] + $arm['most'], $arms),
        );
        $top = new TopK($this->most);
        foreach ($skirts as $s => $own) {
            if ($own + $beside < $top->threshold()) {
                // The skirts that follow are worth less still.
                break;
            }
            $skirt = $this->skirts[$s];
            $paired = $this->trailersFor($skirt, $trailers);
            foreach ($arms as ['heads' => $heads, 'rears' => $rears, 'most' => $most]) {
                if ($own + $paired[0][0] + $heads[0][0] + $most < $top->threshold()) {
                    continue;
                }
                $top->offerSums($own, [$s], $paired, $this->bladesFor($skirt, $rears), $heads);
            }
        }

        return array_map(fn (array $one): array => [$one[0], $this->composition($one[1])], $top->best());
    }

    /** How many builds fit, counted without making them. */
    public function combinations(): int
    {
        $sum = 0;
        foreach ($this->armsWithHeads() as $arm => $heads) {
            $blades = \count($this->bladeChoices(Arm::from($arm)));
            foreach ($heads as $h) {
                $sum += \count($this->skirts) * \count($this->trailers) * $blades * \count($this->hookChoices($this->heads[$h]));
            }
        }

        return $sum;
    }

    /** @return iterable<int, Composition> every build that fits, one by one: the plain way, for checking */
    public function every(): iterable
    {
        foreach (array_keys($this->skirts) as $s) {
            foreach (array_keys($this->trailers) as $t) {
                foreach ($this->armsWithHeads() as $arm => $heads) {
                    foreach ($this->bladeChoices(Arm::from($arm)) as [$rear, $front]) {
                        foreach ($heads as $h) {
                            foreach ($this->hookChoices($this->heads[$h]) as $hook) {
                                yield $this->composition([$s, $t, $rear, $front, $h, $hook]);
                            }
                        }
                    }
                }
            }
        }
    }

    /** @return non-empty-list<array{int, list<int>}> */
    private function trailersFor(?InventorySkirt $skirt, BestFirst $trailers): array
    {
        $top = new TopK($this->most);
        foreach ($trailers as $t => $own) {
            if ($own + BuildScorer::PAIR < $top->threshold()) {
                // Those that follow are worth less still.
                break;
            }
            $top->offer($own + $this->scorer->points->pair($skirt, $this->trailers[$t]), [$t]);
        }
        $best = $top->best();

        return [] !== $best ? $best : throw new \LogicException('Going without a trailer is always among them.');
    }

    /**
     * @param array<int, int> $points by place
     *
     * @return list<array{int, list<int>}> the most first, equals by their place
     */
    private function mostOf(array $points, int $most): array
    {
        arsort($points);
        $best = [];
        foreach (\array_slice($points, 0, $most, true) as $place => $of) {
            $best[] = [$of, [$place]];
        }

        return $best;
    }

    /**
     * @param list<array{int, list<array{int, list<int>}>}> $rears a rear blade's place and, best first, it with each front blade or none
     *
     * @return list<array{int, list<int>}>
     */
    private function bladesFor(?InventorySkirt $skirt, array $rears): array
    {
        $top = new TopK($this->most);
        foreach ($rears as [$rear, $sets]) {
            if ($sets[0][0] + BuildScorer::BLADE_OFF_SKIRT < $top->threshold()) {
                // Those that follow are worth less still.
                break;
            }
            $off = $rear < 0 ? 0 : $this->scorer->points->bladeOffSkirt($skirt, $this->blades[$rear]);
            foreach ($sets as [$points, $key]) {
                if ($points + $off < $top->threshold()) {
                    break;
                }
                $top->offer($points + $off, $key);
            }
        }

        return $top->best();
    }

    /**
     * The most that blades can bring, whatever the skirt.
     *
     * @param list<array{int, list<array{int, list<int>}>}> $rears
     */
    private static function mostOfBlades(array $rears): int
    {
        return BuildScorer::BLADE_OFF_SKIRT + max([0, ...array_map(static fn (array $rear): int => $rear[1][0][0] ?? 0, $rears)]);
    }

    /**
     * What each arm that there are heads for takes.
     *
     * @return list<array{
     *     heads: non-empty-list<array{int, list<int>}>,
     *     rears: list<array{int, list<array{int, list<int>}>}>,
     *     most: int,
     * }>
     */
    private function byArm(): array
    {
        $hookPoints = array_map(fn (InventoryHook $hook): int => $this->scorer->points->hook($hook), $this->hooks);
        $withoutHook = $this->kind->takesTrailerHook() ? $this->scorer->points->hook(null) : 0;
        $byArm = [];
        foreach ($this->armsWithHeads() as $arm => $heads) {
            $top = new TopK($this->most);
            $byPoints = new BestFirst(
                array_map($this->scorer->mostOfHead(...), array_intersect_key($this->heads, array_flip($heads))),
                fn (int $h): int => $this->scorer->points->head($this->heads[$h]),
            );
            foreach ($byPoints as $h => $points) {
                if ($points + BuildScorer::HOOK < $top->threshold()) {
                    break;
                }
                foreach ($this->hookChoices($this->heads[$h]) as $hook) {
                    $top->offer($points + ($hook < 0 ? $withoutHook : $hookPoints[$hook]), [$h, $hook]);
                }
            }
            $rears = $this->rears(Arm::from($arm));
            $best = $top->best();
            if ([] !== $rears && [] !== $best) {
                $byArm[] = ['heads' => $best, 'rears' => $rears, 'most' => self::mostOfBlades($rears)];
            }
        }

        return $byArm;
    }

    /** @return list<array{int, list<array{int, list<int>}>}> */
    private function rears(Arm $arm): array
    {
        $points = array_map($this->scorer->points->rear(...), $this->blades);
        if (!$this->kind->hasTandem() || Arm::Short === $arm) {
            $alone = $this->kind->hasTandem() ? $this->scorer->points->front(null) : 0;
            $places = $this->kind->hasBlade() ? array_keys($this->blades) : [-1];

            $rears = array_map(static fn (int $rear): array => [$rear, [[($points[$rear] ?? 0) + $alone, [$rear, -1]]]], $places);
            usort($rears, self::bestFirst(...));

            return $rears;
        }
        $fronts = array_map($this->scorer->points->front(...), $this->blades);
        $fronts[-1] = $this->scorer->points->front(null);
        $rears = [];
        $byMeasures = $this->byMeasures();
        foreach ($byMeasures as $alike) {
            $rear = $this->blades[$alike[0]];
            $fit = [-1 => $fronts[-1]];
            foreach ($byMeasures as $others) {
                if (PartFit::frontBySize($this->blades[$others[0]], $rear)) {
                    $fit += array_intersect_key($fronts, array_flip($others));
                }
            }
            ksort($fit);
            $best = $this->mostOf($fit, $this->most + self::SAME_BLADE);
            foreach ($alike as $place) {
                $id = $this->blades[$place]->id;
                $others = array_filter($best, fn (array $one): bool => ($this->blades[$one[1][0]] ?? null)?->id !== $id);
                $rears[$place] = [
                    $place,
                    array_map(
                        static fn (array $one): array => [$points[$place] + $one[0], [$place, $one[1][0]]],
                        \array_slice($others, 0, $this->most),
                    ),
                ];
            }
        }
        usort($rears, self::bestFirst(...));

        return $rears;
    }

    /**
     * @param array{int, list<array{int, list<int>}>} $a
     * @param array{int, list<array{int, list<int>}>} $b
     */
    private static function bestFirst(array $a, array $b): int
    {
        return [$b[1][0][0] ?? 0, $a[0]] <=> [$a[1][0][0] ?? 0, $b[0]];
    }

    /** @return list<non-empty-list<int>> places of blades of the same shape and size, which fit the same others */
    private function byMeasures(): array
    {
        $groups = [];
        foreach ($this->blades as $place => $blade) {
            $groups["{$blade->shape->value} {$blade->size->number}"][] = $place;
        }

        return array_values($groups);
    }

    /** @return list<array{int, int}> places of rear and front blade, -1 for none */
    private function bladeChoices(Arm $arm): array
    {
        if (!$this->kind->hasBlade()) {
            return [[-1, -1]];
        }
        $choices = [];
        foreach ($this->blades as $r => $rear) {
            $choices[] = [$r, -1];
            if (!$this->kind->hasTandem() || Arm::Short === $arm) {
                continue;
            }
            foreach ($this->blades as $f => $front) {
                if (PartFit::front($front, $rear)) {
                    $choices[] = [$r, $f];
                }
            }
        }

        return $choices;
    }

    /** @return array<string, non-empty-list<int>> places of heads by arm; every arm is long where there is no wire */
    private function armsWithHeads(): array
    {
        $arms = [];
        foreach ($this->heads as $h => $head) {
            $arms[($this->kind->hasWire() ? $head->arm : Arm::Long)->value][] = $h;
        }

        return $arms;
    }

    /** @return list<int> places of the hooks a head takes, -1 for none */
    private function hookChoices(InventoryHead $head): array
    {
        return [-1, ...array_keys(array_filter($this->hooks, static fn (InventoryHook $hook): bool => PartFit::hook($hook, $head)))];
    }

    /** @param list<int> $key places of skirt, trailer, rear and front blade, head and hook */
    private function composition(array $key): Composition
    {
        [$s, $t, $rear, $front, $h, $hook] = [...$key, -1, -1, -1, -1, -1, -1];

        return new Composition(
            $this->kind,
            $this->heads[$h],
            $this->blades[$front] ?? null,
            $this->blades[$rear] ?? null,
            $this->skirts[$s],
            $this->trailers[$t],
            $this->hooks[$hook] ?? null,
        );
    }
}
