<?php

declare(strict_types=1);

namespace Kontrast\Carry;

/**
 * A good first answer: whatever gains most, one after another, then exchanges of one for another as long as one gains; then the same
 * without one of the bodies, each in turn, as long as that leads to something better.
 */
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
    /** @var array<int, float> by scenario: what there is with nothing carried */
    private array $nothing;
    private int $lures = 0;
    /** A body that is not to be had. */
    private ?int $without = null;

    private function __construct(private readonly Problem $problem)
    {
        $this->nothing = array_fill(0, \count($problem->weights), 0.0);
        $this->meetAgain();
    }

    /** @param (\Closure(): bool)|null $goesOn asked before every try to do without one of the bodies; false ends them */
    public static function find(Problem $problem, int $lures, int $trailers, ?\Closure $goesOn = null): Answer
    {
        $best = new self($problem);
        $best->fill($lures, $trailers);
        $worth = $problem->worth($best->bodies, $best->trailers);
        $tried = [];
        while (null !== $body = $best->untried($tried)) {
            if (null !== $goesOn && !$goesOn()) {
                break;
            }
            $tried[] = $body;
            $other = new self($problem);
            $other->without = $body;
            $other->bodies = array_values(array_filter($best->bodies, static fn (int $b): bool => $b !== $body));
            $other->trailers = \array_slice($best->trailers, 0, intdiv($trailers, 2));
            $other->meetAgain();
            $other->fill($lures, $trailers);
            $now = $problem->worth($other->bodies, $other->trailers);
            if ($now > $worth + self::TINY) {
                [$best, $worth] = [$other, $now];
            }
        }

        return new Answer($best->bodies, $best->trailers, $worth, $worth);
    }

    /**
     * @param list<int> $tried
     *
     * @return int|null a body that no choice was made without so far
     */
    private function untried(array $tried): ?int
    {
        return array_values(array_diff($this->bodies, $tried))[0] ?? null;
    }

    /**
     * What one lure is worth at least, two, … up to so many, each going on from the one before.
     *
     * @param Answer $known with so many as it has, the rest goes on from that
     *
     * @return array<int, float> by how many
     */
    public static function curve(Problem $problem, int $most, int $trailers, Answer $known): array
    {
        $start = new self($problem);
        $curve = [];
        for ($lures = 1; $lures <= $most; ++$lures) {
            $start->lures = $lures;
            if ($lures === \count($known->bodies)) {
                [$start->bodies, $start->trailers] = [$known->bodies, $known->trailers];
                $start->meetAgain();
            } else {
                $start->takeBest($lures, $trailers);
            }
            $curve[$lures] = $start->worth();
        }

        return $curve;
    }

    private function fill(int $lures, int $trailers): void
    {
        $this->lures = $lures;
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
            // Where a kind is missing one of it is taken even if it gains nothing.
            $isLacking = !$this->problem->hasRoomForKinds($this->bodies, \count($this->bodies));
            [$gain, $body, $trailer] = [$isLacking ? -1.0 : self::TINY, null, null];
            for ($b = 0; $b < $this->problem->bodies && \count($this->bodies) < $lures; ++$b) {
                $more = self::gain($this->byBody[$b], $now);
                if ($more > $gain && !\in_array($b, $this->bodies, true) && $this->isAllowed([...$this->bodies, $b])) {
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
                $this->addTrailer($trailer);
            } elseif (null !== $body) {
                $this->addBody($body);
            }
        } while (null !== $body || null !== $trailer);
    }

    /** One more trailer is at hand for every body: what meetBodies() would come to. */
    private function addTrailer(int $trailer): void
    {
        $this->trailers[] = $trailer;
        foreach ($this->problem->weights as $s => $weight) {
            foreach ($this->problem->values[$s] as $b => $row) {
                $value = $weight * $row[$trailer];
                if ($value > $this->byBody[$b][$s]) {
                    $this->byBody[$b][$s] = $value;
                }
            }
        }
    }

    /** One more body is at hand for every trailer: what meetTrailers() would come to. */
    private function addBody(int $body): void
    {
        $this->bodies[] = $body;
        foreach ($this->problem->weights as $s => $weight) {
            foreach ($this->problem->values[$s][$body] as $t => $value) {
                if ($weight * $value > $this->byTrailer[$t][$s]) {
                    $this->byTrailer[$t][$s] = $weight * $value;
                }
            }
        }
    }

    private function exchangeBodies(): void
    {
        foreach (array_keys($this->bodies) as $i) {
            $others = $this->bodies;
            unset($others[$i]);
            $this->bodies[$i] = $this->bestBeside(
                $this->byBody,
                $this->most($this->byBody, $others, $this->nothing),
                $this->bodies[$i],
                fn (int $b): bool => !\in_array($b, $others, true) && $this->isAllowed([...array_values($others), $b]),
            );
        }
        $this->meetTrailers();
    }

    private function exchangeTrailers(): void
    {
        $without = $this->most($this->byTrailer, [$this->problem->none], $this->nothing);
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
        $this->meetBodies();
    }

    /** @param list<int> $bodies */
    private function isAllowed(array $bodies): bool
    {
        return !\in_array($this->without, $bodies, true)
            && $this->problem->canBeBuilt($bodies)
            && $this->problem->hasRoomForKinds($bodies, $this->lures);
    }

    /**
     * @param list<list<float>>   $worth by candidate and scenario
     * @param array<int, float>   $base  by scenario, what there is without it
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

    private function meetAgain(): void
    {
        $this->meetBodies();
        $this->meetTrailers();
    }

    /** Works out anew what every body is with the trailers carried. */
    private function meetBodies(): void
    {
        $this->byBody = [];
        $with = [...$this->trailers, $this->problem->none];
        foreach ($this->problem->weights as $s => $weight) {
            foreach ($this->problem->values[$s] as $b => $row) {
                $best = 0;
                foreach ($with as $t) {
                    $best = $row[$t] > $best ? $row[$t] : $best;
                }
                $this->byBody[$b][] = $weight * $best;
            }
        }
    }

    /** Works out anew what every trailer is on the bodies carried. */
    private function meetTrailers(): void
    {
        $this->byTrailer = [];
        foreach ($this->problem->weights as $s => $weight) {
            $onBodies = array_fill(0, $this->problem->none + 1, 0);
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

    /** @return array<int, float> by scenario */
    private function now(): array
    {
        return $this->most($this->byBody, $this->bodies, $this->nothing);
    }

    private function worth(): float
    {
        return array_sum($this->now());
    }

    /**
     * @param list<list<float>> $worth
     * @param array<int>        $of
     * @param array<int, float> $least
     *
     * @return array<int, float> by scenario, the most of any of them
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
     * @param list<float>       $of
     * @param array<int, float> $beyond
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
