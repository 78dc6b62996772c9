<?php

declare(strict_types=1);

namespace Kontrast\Trip;

/** Bodies, or trailers, of a carrying problem by themselves: what each is worth if everything of the other side could be carried. */
final readonly class CarrySide
{
    /**
     * @param array<int, list<float>> $most by candidate and scenario, weighted
     * @param list<float>       $base by scenario, what there is with nothing of this side
     */
    private function __construct(private CarryProblem $problem, public bool $areBodies, public array $most, public array $base, public int $take)
    {
    }

    public static function bodies(CarryProblem $problem, int $take): self
    {
        $most = $base = [];
        foreach ($problem->weights as $s => $weight) {
            $base[] = $weight * ($problem->floor[$s] ?? 0);
            foreach ($problem->values[$s] as $b => $row) {
                $most[$b][] = $weight * max([0, ...$row]);
            }
        }

        return new self($problem, true, $most, $base, min($take, $problem->bodies));
    }

    public static function trailers(CarryProblem $problem, int $take): self
    {
        $most = $base = [];
        foreach ($problem->weights as $s => $weight) {
            $best = $problem->values[$s][0];
            foreach ($problem->values[$s] as $row) {
                foreach ($row as $t => $value) {
                    if ($value > $best[$t]) {
                        $best[$t] = $value;
                    }
                }
            }
            $base[] = $weight * max($problem->floor[$s] ?? 0, array_pop($best));
            foreach ($best as $t => $value) {
                $most[$t][] = $weight * $value;
            }
        }

        return new self($problem, false, $most, $base, min($take, $problem->none));
    }

    /** @param list<int> $set what such a set is worth with everything of the other side */
    public function worth(array $set): float
    {
        $worth = 0.0;
        foreach ($this->base as $s => $least) {
            foreach ($set as $i) {
                $least = max($least, $this->most[$i][$s]);
            }
            $worth += $least;
        }

        return $worth;
    }

    /** How many sets there are. */
    public function sets(): float
    {
        $sets = 1.0;
        for ($i = 0; $i < $this->take; ++$i) {
            $sets *= (\count($this->most) - $i) / ($i + 1);
        }

        return $sets;
    }

    /** @param list<int> $set */
    public function canBeBuilt(array $set): bool
    {
        return !$this->areBodies || $this->problem->canBeBuilt($set);
    }

    /** @param list<int> $set what is left to choose once this side is settled: a problem of the other side alone */
    public function rest(array $set): CarryProblem
    {
        return $this->areBodies ? $this->problem->withBodies($set) : $this->problem->withTrailers($set);
    }
}
