<?php

declare(strict_types=1);

namespace Kontrast\Carry;

/**
 * Which few bodies and trailers to carry: in every scenario the best pair carried is fished. A body may always be fished without a
 * trailer. Values are thousandths of a point, so that sums of them are exact; weights say how much of the day a scenario is.
 */
final readonly class Problem
{
    /** @var int trailers, and behind them the place of none */
    public int $none;

    /**
     * @param list<float>                    $weights of the scenarios
     * @param list<list<list<int>>>          $values  by scenario, body and trailer; the last one without a trailer
     * @param list<array<string, int>>       $uses    parts a body takes, by id
     * @param array<string, int>             $stock   how many of each part there are; a part that is not named is plenty
     * @param list<string>                   $kinds   of the bodies, where some number of kinds is asked for
     */
    public function __construct(
        public array $weights,
        public array $values,
        public int $bodies,
        int $trailers,
        public array $uses = [],
        public array $stock = [],
        public array $kinds = [],
        public int $leastKinds = 0,
    ) {
        $this->none = $trailers;
    }

    /**
     * Whether enough kinds can be among so many bodies, with these taken.
     *
     * @param list<int> $bodies
     */
    public function hasRoomForKinds(array $bodies, int $most): bool
    {
        if (0 === $this->leastKinds) {
            return true;
        }
        $kinds = array_unique(array_map(fn (int $body): string => $this->kinds[$body], $bodies));

        return \count($kinds) + $most - \count($bodies) >= $this->leastKinds;
    }

    /** @param list<int> $bodies */
    public function canBeBuilt(array $bodies): bool
    {
        $used = [];
        foreach ($bodies as $body) {
            foreach ($this->uses[$body] ?? [] as $part => $count) {
                $used[$part] = ($used[$part] ?? 0) + $count;
                if ($used[$part] > ($this->stock[$part] ?? \PHP_INT_MAX)) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param list<int> $bodies
     * @param list<int> $trailers
     *
     * @return float thousandths of a point over the day
     */
    public function worth(array $bodies, array $trailers): float
    {
        $sum = 0.0;
        foreach ($this->weights as $s => $weight) {
            $sum += $weight * $this->worthIn($s, $bodies, $trailers);
        }

        return $sum;
    }

    /**
     * @param list<int> $bodies
     * @param list<int> $trailers
     *
     * @return int thousandths of a point in one scenario
     */
    public function worthIn(int $scenario, array $bodies, array $trailers): int
    {
        $best = 0;
        foreach ($bodies as $b) {
            $row = $this->values[$scenario][$b];
            if ($row[$this->none] > $best) {
                $best = $row[$this->none];
            }
            foreach ($trailers as $t) {
                if ($row[$t] > $best) {
                    $best = $row[$t];
                }
            }
        }

        return $best;
    }
}
