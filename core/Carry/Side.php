<?php

declare(strict_types=1);

namespace Kontrast\Carry;

/** Bodies, or trailers, of a carrying problem by themselves: what each is worth if everything of the other side could be carried. */
final readonly class Side
{
    /** What of the other side is there in any case: going without a trailer. */
    public ?int $given;
    /** How many candidates the other side has, that one included. */
    public int $width;

    /**
     * @param array<int, list<float>> $most by candidate and scenario, weighted
     * @param list<float>       $base by scenario, what there is with nothing of this side
     */
    private function __construct(
        private Problem $problem,
        public bool $areBodies,
        public array $most,
        public array $base,
        public int $take,
    ) {
        $this->given = $areBodies ? $problem->none : null;
        $this->width = $areBodies ? $problem->none + 1 : $problem->bodies;
    }

    public static function bodies(Problem $problem, int $take): self
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

    public static function trailers(Problem $problem, int $take): self
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

    /**
     * @param list<int>         $set
     * @param array<int, float> $lambda prices to begin with, by scenario
     * @param int               $take   how many of the other side
     */
    public function bound(array $set, array $lambda, int $take): SetBound
    {
        $worth = $floor = [];
        foreach ($this->problem->weights as $s => $weight) {
            $best = $this->areBodies ? $this->bestOfBodies($s, $set) : $this->bestOfTrailers($s, $set);
            $row = [];
            foreach ($best as $value) {
                $row[] = $weight * $value;
            }
            $worth[] = $row;
            $floor[] = $weight * ($this->problem->floor[$s] ?? 0);
        }

        return new SetBound($worth, $this->given, $floor, $take, $lambda);
    }

    /**
     * @param list<int> $set
     *
     * @return list<int> what a set is made of: no trailer is in every set of trailers
     */
    public function members(array $set): array
    {
        return $this->areBodies ? $set : [...$set, $this->problem->none];
    }

    /** @param array<int, float> $lambda what there is with nothing carried, by these prices */
    public function withNothing(array $lambda): float
    {
        $sum = 0.0;
        foreach ($this->problem->weights as $s => $weight) {
            $sum += max($lambda[$s], $weight * ($this->problem->floor[$s] ?? 0));
        }

        return $sum;
    }

    /**
     * What a candidate brings beyond the prices.
     *
     * @param array<int, float> $lambda by scenario
     *
     * @return array<int, float> where it brings something, by scenario times the width of the other side and candidate of that
     */
    public function beyond(int $member, array $lambda): array
    {
        $beyond = [];
        foreach ($this->problem->weights as $s => $weight) {
            $price = $lambda[$s];
            $from = $s * $this->width;
            if ($this->areBodies) {
                foreach ($this->problem->values[$s][$member] as $other => $value) {
                    if ($weight * $value > $price) {
                        $beyond[$from + $other] = $weight * $value - $price;
                    }
                }
                continue;
            }
            foreach ($this->problem->values[$s] as $other => $row) {
                if ($weight * $row[$member] > $price) {
                    $beyond[$from + $other] = $weight * $row[$member] - $price;
                }
            }
        }

        return $beyond;
    }

    /**
     * @param list<int> $set bodies
     *
     * @return list<int> by trailer, and none
     */
    private function bestOfBodies(int $s, array $set): array
    {
        $best = $this->problem->values[$s][$set[0]];
        foreach ($set as $b) {
            foreach ($this->problem->values[$s][$b] as $t => $value) {
                if ($value > $best[$t]) {
                    $best[$t] = $value;
                }
            }
        }

        return $best;
    }

    /**
     * @param list<int> $set trailers
     *
     * @return list<int> by body
     */
    private function bestOfTrailers(int $s, array $set): array
    {
        $best = [];
        foreach ($this->problem->values[$s] as $row) {
            $most = $row[$this->problem->none];
            foreach ($set as $t) {
                if ($row[$t] > $most) {
                    $most = $row[$t];
                }
            }
            $best[] = $most;
        }

        return $best;
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
    public function rest(array $set): Problem
    {
        return $this->areBodies ? $this->problem->withBodies($set) : $this->problem->withTrailers($set);
    }
}
