<?php

declare(strict_types=1);

namespace Kontrast\Carry;

/**
 * Looks for a choice that is worth more than one already known, and bounds what any could be worth. Every scenario is given a price that a
 * pair has to beat (Lagrangian relaxation of "one pair a scenario": Fisher 1981, Management Science 27; prices by Polyak's subgradient
 * steps): what a choice gains over all prices bounds it from above, and is a plain sum over its pairs. Then every choice whose bound still
 * beats the best answer is looked at. Where that walk is cut short, the bound stays.
 */
final class PricedSearch
{
    private const STEPS = 80;
    private const PATIENCE = 6;
    private const TINY = 1e-6;

    private Answer $best;
    private float $open = 0.0;
    private int $nodes = 0;
    private int $mostLures = 0;
    private int $mostTrailers = 0;
    /** @var list<array{list<int>, list<float>}> by scenario, pairs and their weighted worth, best first */
    private array $ranked = [];

    /** @param (\Closure(): bool)|null $goesOn asked now and then; false ends the walk */
    public function __construct(
        private readonly Problem $problem,
        private readonly int $mostNodes,
        private readonly ?\Closure $goesOn = null,
    ) {
        $this->best = new Answer([], [], 0.0, 0.0);
    }

    /**
     * @param Answer $known the best so far
     *
     * @return Answer one that is worth more, or the one that was known, with a bound of what any is worth
     */
    public function beyond(Answer $known, int $lures, int $trailers): Answer
    {
        $this->mostLures = min($lures, $this->problem->bodies);
        $this->mostTrailers = min($trailers, $this->problem->none);
        [$this->open, $this->nodes] = [0.0, 0];
        $this->best = $known;
        $this->rank();
        $prices = $this->prices($this->worths($known));
        if ($prices->bound > $this->best->worth + self::TINY) {
            $this->walkBodies($prices, [], 0, $prices->base, array_fill(0, $this->problem->none, 0.0));
        }
        $bound = min($prices->bound, max($this->best->worth, $this->open));

        return new Answer($this->best->bodies, $this->best->trailers, $this->best->worth, max($bound, $this->best->worth));
    }

    /** Sorts what every pair is worth. */
    private function rank(): void
    {
        $this->ranked = [];
        foreach ($this->problem->weights as $s => $weight) {
            $flat = array_merge(...$this->problem->values[$s]);
            arsort($flat);
            $this->ranked[] = [array_keys($flat), array_map(static fn (int $value): float => $weight * $value, array_values($flat))];
        }
    }

    /**
     * Prices with the lowest bound that was found.
     *
     * @param array<int, float> $lambda to begin with, by scenario: what the known answer is worth there
     */
    private function prices(array $lambda): Prices
    {
        $lowest = null;
        $scale = 1.0;
        $stalled = 0;
        for ($step = 0; $step < self::STEPS; ++$step) {
            $prices = Prices::at($this->problem, $this->ranked, $lambda, $this->mostLures, $this->mostTrailers);
            if (null === $lowest || $prices->bound < $lowest->bound - self::TINY) {
                [$lowest, $stalled] = [$prices, 0];
            } elseif (++$stalled >= self::PATIENCE) {
                [$lambda, $scale, $stalled] = [$lowest->lambda, $scale / 2, 0];
                $prices = $lowest;
            }
            $slopes = $prices->slopes($this->problem, $this->ranked);
            $norm = array_sum(array_map(static fn (int $slope): int => $slope ** 2, $slopes));
            if (0 === $norm || $lowest->bound <= $this->best->worth + self::TINY || $scale < 0.005) {
                break;
            }
            $theta = $scale * ($prices->bound - $this->best->worth) / $norm;
            foreach ($slopes as $s => $slope) {
                $lambda[$s] = max(0.0, $prices->lambda[$s] - $theta * $slope);
            }
        }

        return $lowest ?? throw new \LogicException('There is a first step.');
    }

    /** @return list<float> weighted worth of an answer by scenario */
    private function worths(Answer $answer): array
    {
        $worths = [];
        foreach ($this->problem->weights as $s => $weight) {
            $worths[] = $weight * $this->problem->worthIn($s, $answer->bodies, $answer->trailers);
        }

        return $worths;
    }

    /**
     * @param list<int>   $in   bodies taken
     * @param int         $from the next one in the order of the prices
     * @param float       $sum  bound of what is taken, without trailers
     * @param array<int, float> $with what each trailer adds to it
     */
    private function walkBodies(Prices $prices, array $in, int $from, float $sum, array $with): void
    {
        $room = $this->mostLures - \count($in);
        if (0 === $room || $from >= $this->problem->bodies) {
            $this->walkTrailers($prices, $in, [], 0, $sum, $with);

            return;
        }
        $now = $sum + Prices::top($with, $this->mostTrailers);
        $isTaken = false;
        for ($i = $from; $i < $this->problem->bodies; ++$i) {
            $bound = $now + $prices->mostOf($i, $room);
            if ($bound <= $this->best->worth + self::TINY) {
                break;
            }
            if ($this->isCutShort($bound)) {
                return;
            }
            $b = $prices->order[$i];
            if (!$this->problem->canBeBuilt([...$in, $b]) || !$this->problem->hasRoomForKinds([...$in, $b], $this->mostLures)) {
                continue;
            }
            $isTaken = true;
            $this->walkBodies($prices, [...$in, $b], $i + 1, $sum + $prices->own[$b], $prices->added($with, $b));
        }
        if (!$isTaken && [] !== $in && $this->problem->hasRoomForKinds($in, \count($in))) {
            // There was room for more, and nothing that could be built.
            $this->walkTrailers($prices, $in, [], 0, $sum, $with);
        }
    }

    /**
     * @param list<int>   $bodies
     * @param list<int>         $in
     * @param array<int, float> $with
     */
    private function walkTrailers(Prices $prices, array $bodies, array $in, int $from, float $sum, array $with): void
    {
        arsort($with);
        $this->walkSorted($bodies, array_keys($with), array_values($with), $in, $from, $sum);
    }

    /**
     * @param list<int>   $bodies
     * @param list<int>   $order trailers, the most first
     * @param list<float> $gain  of them
     * @param list<int>   $in
     */
    private function walkSorted(array $bodies, array $order, array $gain, array $in, int $from, float $sum): void
    {
        $room = $this->mostTrailers - \count($in);
        if (0 === $room || $from >= \count($order)) {
            $worth = $this->problem->worth($bodies, $in);
            if ($worth > $this->best->worth + self::TINY) {
                $this->best = new Answer($bodies, $in, $worth, $worth);
            }

            return;
        }
        $last = \count($order) - $room;
        for ($i = $from; $i <= $last; ++$i) {
            $bound = $sum + array_sum(\array_slice($gain, $i, $room));
            if ($bound <= $this->best->worth + self::TINY || $this->isCutShort($bound)) {
                return;
            }
            $this->walkSorted($bodies, $order, $gain, [...$in, $order[$i]], $i + 1, $sum + $gain[$i]);
        }
    }

    private function isCutShort(float $bound): bool
    {
        ++$this->nodes;
        $isCut = $this->nodes > $this->mostNodes
            || (0 === $this->nodes % 1024 && null !== $this->goesOn && !($this->goesOn)());
        if ($isCut) {
            $this->nodes = \PHP_INT_MAX - 1;
            $this->open = max($this->open, $bound);
        }

        return $isCut;
    }
}
