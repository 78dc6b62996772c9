<?php

declare(strict_types=1);

namespace Kontrast\Carry;

/**
 * Finds what to carry, and proves it. A good first answer comes from greedy choice and exchange (FirstAnswer). Then one side, bodies or
 * trailers, is walked set by set, as if everything of the other side could be carried: the few more that a set gains never add up to more
 * than each gains by itself (the gains are submodular: Nemhauser, Wolsey & Fisher 1978, Mathematical Programming 14), so most sets are
 * passed over unseen. For each set that could still beat the best answer the other side is settled by a PricedSearch. Where the walk is
 * cut short, what is left of it bounds the answer.
 */
final class Solver
{
    /** Sets looked at, and settled, before the walk is cut short, and choices within one. (Chosen.) */
    public const MOST_SETS = 60_000;
    private const MOST_SETTLED = 500;
    private const MOST_CHOICES = 20_000;
    /** So few sets of a side are all looked at. (Chosen.) */
    private const FEW_SETS = 2_000.0;
    private const ASKED_EVERY = 16;
    private const MOST_TABLES = 12;
    private const TINY = 1e-6;

    private Answer $best;
    private Side $side;
    private int $other = 0;
    private int $sets = 0;
    private int $settled = 0;
    private float $open = 0.0;
    private bool $isStopped = false;
    /** @var list<PriceTable> prices that proved a set, the last one first */
    private array $tables = [];

    /** @param (\Closure(int, float): bool)|null $goesOn told how many sets were looked at and the best so far; false ends the walk */
    public function __construct(
        private readonly Problem $problem,
        private readonly int $mostSets = self::MOST_SETS,
        private readonly ?\Closure $goesOn = null,
    ) {
    }

    public function solve(int $lures, int $trailers): Answer
    {
        $this->best = FirstAnswer::find($this->problem, min($lures, $this->problem->bodies), min($trailers, $this->problem->none));
        $bodies = Side::bodies($this->problem, $lures);
        $with = Side::trailers($this->problem, $trailers);
        [$this->sets, $this->settled, $this->open, $this->isStopped, $this->tables] = [0, 0, 0.0, false, []];
        $this->side = $this->easier($bodies, $with);
        $this->other = $this->side->areBodies ? $trailers : $lures;
        $this->walk([], $this->side->base, array_keys($this->side->most));
        $bound = max($this->best->worth, $this->open);
        if ($this->open > $this->best->worth + self::TINY) {
            // What is left can be bounded by prices as well.
            $bound = min($bound, (new PricedSearch($this->problem, 0))->beyond($this->best->worth, $lures, $trailers)->bound);
        }

        return new Answer($this->best->bodies, $this->best->trailers, $this->best->worth, max($bound, $this->best->worth));
    }

    private function easier(Side $bodies, Side $trailers): Side
    {
        foreach ([$bodies, $trailers] as $side) {
            if ($side->sets() <= self::FEW_SETS) {
                return $side;
            }
        }

        return $bodies->worth($this->best->bodies) <= $trailers->worth($this->best->trailers) ? $bodies : $trailers;
    }

    /**
     * @param list<int>   $in   taken
     * @param list<float> $now  by scenario, what those are worth
     * @param list<int>   $left that may still be taken
     */
    private function walk(array $in, array $now, array $left): void
    {
        $room = $this->side->take - \count($in);
        $worth = array_sum($now);
        if (0 === $room || [] === $left) {
            $this->settle($in, $worth);

            return;
        }
        $gains = [];
        foreach ($left as $i) {
            $gain = 0.0;
            foreach ($this->side->most[$i] as $s => $most) {
                if ($most > $now[$s]) {
                    $gain += $most - $now[$s];
                }
            }
            $gains[$i] = $gain;
        }
        arsort($gains);
        $order = array_keys($gains);
        $gains = array_values($gains);
        $isTaken = false;
        foreach ($order as $at => $i) {
            $bound = $worth + array_sum(\array_slice($gains, $at, $room));
            if ($bound <= $this->best->worth + self::TINY) {
                return;
            }
            if ($this->isCutShort($bound)) {
                return;
            }
            if (!$this->side->canBeBuilt([...$in, $i])) {
                continue;
            }
            $isTaken = true;
            $next = $now;
            foreach ($this->side->most[$i] as $s => $most) {
                if ($most > $next[$s]) {
                    $next[$s] = $most;
                }
            }
            $this->walk([...$in, $i], $next, self::worthTrying($order, $gains, $at, $room - 1, $this->best->worth - $worth));
        }
        if (!$isTaken) {
            // There was room for more, and nothing that could be built.
            $this->settle($in, $worth);
        }
    }

    /** @param array<int, float> $lambda */
    private function remember(array $lambda): void
    {
        $this->tables = [
            new PriceTable($this->side, $lambda, $this->other),
            ...\array_slice($this->tables, 0, self::MOST_TABLES - 1),
        ];
    }

    /**
     * Those behind a candidate that could still be part of a better set with it: gains only shrink as more is taken.
     *
     * @param list<int>   $order  the most gain first
     * @param list<float> $gains
     * @param int         $room   left with it
     * @param float       $needed more than what is taken without it
     *
     * @return list<int>
     */
    private static function worthTrying(array $order, array $gains, int $at, int $room, float $needed): array
    {
        if ($room < 1) {
            return [];
        }
        $with = $gains[$at] + array_sum(\array_slice($gains, $at + 1, $room - 1));
        $left = [];
        for ($i = $at + 1, $count = \count($order); $i < $count && ($i <= $at + $room || $with + $gains[$i] > $needed); ++$i) {
            $left[] = $order[$i];
        }

        return $left;
    }

    /** @param list<int> $set one side, settled; the other is chosen as well as can be */
    private function settle(array $set, float $most): void
    {
        if ($most <= $this->best->worth + self::TINY || ([] === $set && $this->side->areBodies)) {
            return;
        }
        foreach ($this->tables as $i => $table) {
            if ($table->bound($set) <= $this->best->worth + self::TINY) {
                // What proved this one proves the next most likely.
                array_splice($this->tables, $i, 1);
                $this->tables = [$table, ...$this->tables];

                return;
            }
        }
        $lambda = ($this->tables[0] ?? null)->lambda ?? [];
        if ([] !== $lambda) {
            $bound = $this->side->bound($set, $lambda, $this->other);
            if ($bound->isAtMost($this->best->worth)) {
                $this->remember($bound->lambda);

                return;
            }
            $lambda = $bound->lambda;
        }
        ++$this->settled;
        $rest = new PricedSearch(
            $this->side->rest($set),
            self::MOST_CHOICES,
            $this->goesOn(...),
            $lambda,
        );
        $answer = $this->side->areBodies
            ? $rest->beyond($this->best->worth, 1, $this->other)
            : $rest->beyond($this->best->worth, $this->other, 0);
        $this->remember($rest->lambda);
        if ($answer->worth > $this->best->worth + self::TINY) {
            $this->best = $this->side->areBodies
                ? new Answer($set, $answer->trailers, $answer->worth, $answer->worth)
                : new Answer($answer->bodies, $set, $answer->worth, $answer->worth);
        }
        if ($answer->bound > $answer->worth + self::TINY) {
            $this->open = max($this->open, min($most, $answer->bound));
        }
    }

    private function goesOn(): bool
    {
        $this->isStopped = $this->isStopped || (null !== $this->goesOn && !($this->goesOn)($this->sets, $this->best->worth));

        return !$this->isStopped;
    }

    private function isCutShort(float $bound): bool
    {
        ++$this->sets;
        $isCut = $this->isStopped || $this->sets > $this->mostSets || $this->settled > self::MOST_SETTLED
            || (0 === $this->sets % self::ASKED_EVERY && !$this->goesOn());
        if ($isCut) {
            $this->isStopped = true;
            $this->open = max($this->open, $bound);
        }

        return $isCut;
    }
}
