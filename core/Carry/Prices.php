<?php

declare(strict_types=1);

namespace Kontrast\Carry;

/**
 * What every pair is worth beyond the price of each scenario, and the bound that follows: no choice is worth more than all prices together
 * and what its pairs gain over them.
 */
final readonly class Prices
{
    /**
     * @param array<int, float> $lambda by scenario
     * @param float             $base   what the prices come to, with nothing carried
     * @param list<float>       $own    by body, what it gains without a trailer
     * @param list<array<int, float>> $pairs by body and trailer, where it gains something
     * @param list<int>         $order  bodies, the most promising first
     * @param list<float>       $sums   sums of the most that bodies can bring, in that order
     * @param list<int>         $bodies of the choice that makes the bound
     * @param list<int>         $trailers
     */
    private function __construct(
        public array $lambda,
        public float $base,
        public array $own,
        private array $pairs,
        public array $order,
        private array $sums,
        public float $bound,
        private array $bodies,
        private array $trailers,
    ) {
    }

    /**
     * @param list<array{list<int>, list<float>}> $ranked by scenario, pairs and their weighted worth, best first
     * @param array<int, float>                   $lambda by scenario
     */
    public static function at(Problem $problem, array $ranked, array $lambda, int $lures, int $trailers): self
    {
        $columns = $problem->none + 1;
        $gains = array_fill(0, $problem->bodies * $columns, 0.0);
        $base = 0.0;
        foreach ($ranked as $s => [$pairs, $worths]) {
            $price = $lambda[$s];
            $base += $price;
            foreach ($worths as $i => $worth) {
                if ($worth <= $price) {
                    break;
                }
                $gains[$pairs[$i]] += $worth - $price;
            }
        }
        $own = $most = $with = [];
        for ($b = 0; $b < $problem->bodies; ++$b) {
            $row = \array_slice($gains, $b * $columns, $columns);
            $own[] = $row[$problem->none];
            unset($row[$problem->none]);
            $with[] = array_filter($row, static fn (float $gain): bool => $gain > 0.0);
            $most[] = $own[$b] + self::top($row, $trailers);
        }
        arsort($most);
        $search = new PairBound($own, $with, array_keys($most), array_values($most), $lures, $trailers);

        return new self(
            $lambda,
            $base,
            $own,
            $with,
            array_keys($most),
            array_values($most),
            $base + $search->best,
            $search->bodies,
            $search->trailers,
        );
    }

    /** The most that so many bodies from a place of the order on can bring. */
    public function mostOf(int $from, int $count): float
    {
        return array_sum(\array_slice($this->sums, $from, $count));
    }

    /**
     * @param array<int, float> $with by trailer
     *
     * @return array<int, float> what each trailer adds once a body is taken as well
     */
    public function added(array $with, int $body): array
    {
        foreach ($this->pairs[$body] as $t => $gain) {
            $with[$t] += $gain;
        }

        return $with;
    }

    /**
     * @param list<array{list<int>, list<float>}> $ranked
     *
     * @return list<int> by scenario, one less the pairs of the choice that beat its price: how the bound changes with the price
     */
    public function slopes(Problem $problem, array $ranked): array
    {
        $columns = $problem->none + 1;
        $isChosen = [];
        foreach ($this->bodies as $b) {
            foreach ([...$this->trailers, $problem->none] as $t) {
                $isChosen[$b * $columns + $t] = true;
            }
        }
        $slopes = [];
        foreach ($ranked as $s => [$pairs, $worths]) {
            $beating = 0;
            foreach ($worths as $i => $worth) {
                if ($worth <= $this->lambda[$s]) {
                    break;
                }
                $beating += isset($isChosen[$pairs[$i]]) ? 1 : 0;
            }
            $slopes[] = 1 - $beating;
        }

        return $slopes;
    }

    /** @param array<int, float> $values */
    public static function top(array $values, int $count): float
    {
        if (\count($values) > $count) {
            rsort($values);
            $values = \array_slice($values, 0, $count);
        }

        return array_sum($values);
    }
}
