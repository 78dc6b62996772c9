<?php

declare(strict_types=1);

namespace Kontrast\Carry;

/** A good first answer: whatever gains most, one after another, then exchanges of one for another as long as one gains. */
final class FirstAnswer
{
    private const TINY = 1e-6;

    /** @var list<int> */
    private array $bodies = [];
    /** @var list<int> */
    private array $trailers = [];
    /** @var list<list<float>> by body and scenario, weighted: with the best of the trailers carried, or none */
    private array $byBody = [];
    /** @var list<list<float>> by trailer, and none, and scenario, weighted: on the best of the bodies carried */
    private array $byTrailer = [];
    /** @var list<float> by scenario, weighted: what there is with nothing carried */
    private array $floor = [];

    private function __construct(private readonly Problem $problem)
    {
        foreach ($problem->weights as $s => $weight) {
            $this->floor[] = $weight * ($problem->floor[$s] ?? 0);
        }
        $this->meetAgain();
    }

    public static function find(Problem $problem, int $lures, int $trailers): Answer
    {
        $start = new self($problem);
        $start->fill($lures, $trailers);
        $worth = $problem->worth($start->bodies, $start->trailers);

        return new Answer($start->bodies, $start->trailers, $worth, $worth);
    }

    /** @return array<int, float> what one lure is worth at least, two, … up to so many, each going on from the one before */
    public static function curve(Problem $problem, int $most, int $trailers): array
    {
        $start = new self($problem);
        $curve = [];
        for ($lures = 1; $lures <= $most; ++$lures) {
            $start->fill($lures, $trailers);
            $curve[$lures] = $start->worth();
        }

        return $curve;
    }

    private function fill(int $lures, int $trailers): void
    {
        $this->takeBest($lures, $trailers);
        do {
            $before = $this->worth();
            $this->exchangeBodies();
            $this->exchangeTrailers();
        } while ($this->worth() > $before + self::TINY);
    }

    private function takeBest(int $lures, int $trailers): void
    {
        do {
            $now = $this->now();
            [$gain, $body, $trailer] = [self::TINY, null, null];
            for ($b = 0; $b < $this->problem->bodies && \count($this->bodies) < $lures; ++$b) {
                $more = self::gain($this->byBody[$b], $now);
                if ($more > $gain && !\in_array($b, $this->bodies, true) && $this->problem->canBeBuilt([...$this->bodies, $b])) {
                    [$gain, $body] = [$more, $b];
                }
            }
            for ($t = 0; $t < $this->problem->none && \count($this->trailers) < $trailers; ++$t) {
                $more = self::gain($this->byTrailer[$t], $now);
                if ($more > $gain && !\in_array($t, $this->trailers, true)) {
                    [$gain, $trailer] = [$more, $t];
                }
            }
            if (null !== $trailer) {
                $this->trailers[] = $trailer;
            } elseif (null !== $body) {
                $this->bodies[] = $body;
            }
            $this->meetAgain();
        } while (null !== $body || null !== $trailer);
    }

    private function exchangeBodies(): void
    {
        foreach (array_keys($this->bodies) as $i) {
            $others = $this->bodies;
            unset($others[$i]);
            $this->bodies[$i] = $this->bestBeside(
                $this->byBody,
                $this->most($this->byBody, $others, $this->floor),
                $this->bodies[$i],
                fn (int $b): bool => !\in_array($b, $others, true) && $this->problem->canBeBuilt([...array_values($others), $b]),
            );
        }
        $this->meetAgain();
    }

    private function exchangeTrailers(): void
    {
        $without = $this->most($this->byTrailer, [$this->problem->none], $this->floor);
        foreach (array_keys($this->trailers) as $i) {
            $others = $this->trailers;
            unset($others[$i]);
            $this->trailers[$i] = $this->bestBeside(
                $this->byTrailer,
                $this->most($this->byTrailer, $others, $without),
                $this->trailers[$i],
                fn (int $t): bool => $t !== $this->problem->none && !\in_array($t, $others, true),
            );
        }
        $this->meetAgain();
    }

    /**
     * @param list<list<float>>   $worth by candidate and scenario
     * @param list<float>         $base  by scenario, what there is without it
     * @param \Closure(int): bool $isFree
     */
    private function bestBeside(array $worth, array $base, int $now, \Closure $isFree): int
    {
        $best = self::gain($worth[$now], $base);
        foreach ($worth as $i => $of) {
            $gain = self::gain($of, $base);
            if ($gain > $best + self::TINY && $isFree($i)) {
                [$best, $now] = [$gain, $i];
            }
        }

        return $now;
    }

    /** Works out anew what every body is with the trailers carried, and every trailer on the bodies carried. */
    private function meetAgain(): void
    {
        $this->byBody = $this->byTrailer = [];
        $with = [...$this->trailers, $this->problem->none];
        foreach ($this->problem->weights as $s => $weight) {
            $onBodies = array_fill(0, $this->problem->none + 1, 0);
            foreach ($this->problem->values[$s] as $b => $row) {
                $best = 0;
                foreach ($with as $t) {
                    $best = $row[$t] > $best ? $row[$t] : $best;
                }
                $this->byBody[$b][] = $weight * $best;
            }
            foreach ($this->bodies as $b) {
                foreach ($this->problem->values[$s][$b] as $t => $value) {
                    $onBodies[$t] = $value > $onBodies[$t] ? $value : $onBodies[$t];
                }
            }
            foreach ($onBodies as $t => $value) {
                $this->byTrailer[$t][] = $weight * $value;
            }
        }
    }

    /** @return list<float> by scenario */
    private function now(): array
    {
        return $this->most($this->byBody, $this->bodies, $this->floor);
    }

    private function worth(): float
    {
        return array_sum($this->now());
    }

    /**
     * @param list<list<float>> $worth
     * @param array<int>        $of
     * @param list<float>       $least
     *
     * @return list<float> by scenario, the most of any of them
     */
    private function most(array $worth, array $of, array $least): array
    {
        foreach ($of as $i) {
            foreach ($worth[$i] as $s => $value) {
                if ($value > $least[$s]) {
                    $least[$s] = $value;
                }
            }
        }

        return $least;
    }

    /**
     * @param list<float> $of
     * @param list<float> $beyond
     */
    private static function gain(array $of, array $beyond): float
    {
        $gain = 0.0;
        foreach ($of as $s => $value) {
            if ($value > $beyond[$s]) {
                $gain += $value - $beyond[$s];
            }
        }

        return $gain;
    }
}
