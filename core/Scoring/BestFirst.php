<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

/**
 * Many parts in the order of their points, most first, for whoever will look at a few: each starts with points that it cannot
 * exceed and that are cheap to say, and is looked at more closely only when nothing else could be before it.
 *
 * @implements \IteratorAggregate<int, int>
 */
final class BestFirst implements \IteratorAggregate
{
    /** @var list<array{int, int}> points and place of those in order already */
    private array $found = [];
    /** @var list<int> places by what they cannot exceed, the most last */
    private array $untouched;
    /** @var \SplPriorityQueue<int, array{int, int}> place and how often it was looked at, by the points that it cannot exceed */
    private readonly \SplPriorityQueue $begun;
    /** @var list<callable(int): int> */
    private readonly array $closer;

    /**
     * @param array<int, int>      $most   points that none exceeds, by place
     * @param callable(int): int ...$closer points of a place, each closer than the one before; the last ones are its own
     */
    public function __construct(private array $most, callable ...$closer)
    {
        asort($most);
        $this->untouched = array_keys($most);
        $this->closer = array_values($closer);
        $this->begun = new \SplPriorityQueue();
        $this->begun->setExtractFlags(\SplPriorityQueue::EXTR_BOTH);
    }

    /** @return \Generator<int, int> points by place, most first */
    public function getIterator(): \Generator
    {
        for ($i = 0; isset($this->found[$i]) || $this->advance(); ++$i) {
            [$points, $place] = $this->found[$i];
            yield $place => $points;
        }
    }

    private function advance(): bool
    {
        while ([] !== $this->untouched || !$this->begun->isEmpty()) {
            [$place, $times, $points] = $this->next();
            if ($times === \count($this->closer)) {
                $this->found[] = [$points, $place];

                return true;
            }
            $this->begun->insert([$place, $times + 1], $this->closer[$times]($place));
        }

        return false;
    }

    /** @return array{int, int, int} place, how often it was looked at, and the points that it cannot exceed */
    private function next(): array
    {
        $untouched = $this->untouched[\count($this->untouched) - 1] ?? null;
        if (!$this->begun->isEmpty()) {
            /** @var array{data: array{int, int}, priority: int} $top */
            $top = $this->begun->top();
            if (null === $untouched || $top['priority'] >= $this->most[$untouched]) {
                $this->begun->extract();

                return [...$top['data'], $top['priority']];
            }
        }
        \assert(null !== $untouched);
        array_pop($this->untouched);

        return [$untouched, 0, $this->most[$untouched]];
    }
}
