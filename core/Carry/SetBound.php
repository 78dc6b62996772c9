<?php

declare(strict_types=1);

namespace Kontrast\Carry;

/**
 * What a settled set of one side can be worth at most, however the other side is chosen: the bound of a PricedSearch without its search.
 * Prices that served a set much like it prove most sets at once, and a few subgradient steps most of the rest.
 */
final class SetBound
{
    private const STEPS = 25;
    private const TINY = 1e-6;
    private const LEAST_SCALE = 0.02;

    /** @var list<int> of the choice that made the last bound: one less the pairs chosen that beat the price of a scenario */
    private array $slopes = [];

    /**
     * @param list<list<float>> $worth by scenario and candidate of the other side, weighted
     * @param int|null          $given the candidate that is there in any case: no trailer
     * @param list<float>       $floor by scenario, weighted
     * @param int               $take  how many candidates may be taken
     * @param array<int, float> $lambda prices to begin with, by scenario; those with the lowest bound afterwards
     */
    public function __construct(
        private readonly array $worth,
        private readonly ?int $given,
        private readonly array $floor,
        private readonly int $take,
        public array $lambda,
    ) {
    }

    /** Whether no choice makes the set worth more than what is known. */
    public function isAtMost(float $known): bool
    {
        $lambda = $this->lambda;
        $lowest = \INF;
        $scale = 1.0;
        for ($step = 0; $step < self::STEPS; ++$step) {
            $bound = $this->at($lambda);
            if ($bound <= $known + self::TINY) {
                $this->lambda = $lambda;

                return true;
            }
            if ($bound < $lowest) {
                $lowest = $bound;
                $this->lambda = $lambda;
            } else {
                $scale /= 2;
            }
            $norm = 0;
            foreach ($this->slopes as $slope) {
                $norm += $slope * $slope;
            }
            if (0 === $norm || $scale < self::LEAST_SCALE) {
                return false;
            }
            $theta = $scale * ($bound - $known) / $norm;
            foreach ($this->slopes as $s => $slope) {
                if (0 !== $slope) {
                    $lambda[$s] = max(0.0, $lambda[$s] - $theta * $slope);
                }
            }
        }

        return false;
    }

    /** @param array<int, float> $lambda */
    private function at(array $lambda): float
    {
        $gains = [];
        $bound = 0.0;
        foreach ($this->worth as $s => $row) {
            $price = $lambda[$s];
            $bound += max($price, $this->floor[$s]);
            foreach ($row as $i => $worth) {
                if ($worth > $price) {
                    $gains[$i] = ($gains[$i] ?? 0.0) + $worth - $price;
                }
            }
        }
        $given = null === $this->given ? 0.0 : $gains[$this->given] ?? 0.0;
        unset($gains[$this->given ?? -1]);
        arsort($gains);
        $chosen = \array_slice($gains, 0, $this->take, true);
        $taken = array_keys($chosen);
        if (null !== $this->given) {
            $taken[] = $this->given;
        }
        $this->slopes = [];
        foreach ($this->worth as $s => $row) {
            $slope = $this->floor[$s] > $lambda[$s] ? 0 : 1;
            foreach ($taken as $i) {
                if ($row[$i] > $lambda[$s]) {
                    --$slope;
                }
            }
            $this->slopes[] = $slope;
        }

        return $bound + $given + array_sum($chosen);
    }
}
