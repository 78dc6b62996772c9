<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** Everything that was said to one question, and what came of it. */
final readonly class Tally
{
    /** A value of a question with room for several is taken when its votes count at least this much (chosen: half a usual rule). */
    private const ENOUGH = 2.0;

    /**
     * @param list<Vote>           $votes   in the order of the book
     * @param array<string, float> $scores  by value key, highest first
     * @param list<Value>          $winners
     * @param list<Value>          $excluded
     * @param (\Closure(Value): bool)|null $allows
     */
    private function __construct(
        public Slot $slot,
        public array $votes,
        public array $scores,
        public array $winners,
        private array $excluded,
        private ?\Closure $allows,
    ) {
    }

    /**
     * Counts the votes. The value with the highest sum wins; of equals, the one with more rules for it; of those, the
     * one named first in the book. A value that more speaks against than for is never picked.
     *
     * @param list<Vote>  $votes
     * @param list<Value> $excluded values that cannot be taken here, such as an accent in the colour of its base
     * @param (\Closure(Value): bool)|null $allows whether a value can win beside what was settled before; if not, it may be next
     */
    public static function count(Slot $slot, array $votes, array $excluded = [], ?\Closure $allows = null): self
    {
        $scores = [];
        $supporters = [];
        $values = [];
        foreach ($votes as $vote) {
            $key = 'v'.$vote->value->key;
            $scores[$key] = ($scores[$key] ?? 0.0) + $vote->count;
            $supporters[$key] = ($supporters[$key] ?? 0) + ($vote->count > 0 ? 1 : 0);
            $values[$key] ??= $vote->value;
        }
        foreach ($excluded as $value) {
            unset($scores['v'.$value->key]);
        }
        $place = array_flip(array_keys($values));
        \count($scores) > 1 && uksort(
            $scores,
            static fn (string $a, string $b): int => [
                round($scores[$b], 9),
                $supporters[$b],
                $place[$a],
            ] <=> [round($scores[$a], 9), $supporters[$a], $place[$b]],
        );

        $winners = [];
        foreach ($scores as $key => $score) {
            $isAllowed = null === $allows || $allows($values[$key]);
            if ($isAllowed && \count($winners) < $slot->capacity() && $score > 0.0 && (1 === $slot->capacity() || $score >= self::ENOUGH)) {
                $winners[] = $values[$key];
            }
        }
        $byKey = [];
        foreach ($scores as $key => $score) {
            $byKey[$values[$key]->key] = $score;
        }

        return new self($slot, $votes, $byKey, $winners, $excluded, $allows);
    }

    /** The same votes with another answer than they come to; as it is where nobody voted for it, or it cannot stand here. */
    public function answered(string $key): self
    {
        foreach ($this->votes as $vote) {
            $isOpen = isset($this->scores[$key]) && (null === $this->allows || ($this->allows)($vote->value));
            if ($vote->value->key === $key && $isOpen) {
                return new self($this->slot, $this->votes, $this->scores, [$vote->value], $this->excluded, $this->allows);
            }
        }

        return $this;
    }

    /** @return list<string> what was picked, as keys */
    public function keys(): array
    {
        return array_map(static fn (Value $value): string => $value->key, $this->winners);
    }

    /** @return list<string> what it all comes to, as keys: what was picked, or, where kinds are ranked, all in order */
    public function outcome(): array
    {
        return Slot::LureRanking === $this->slot ? array_keys($this->scores) : $this->keys();
    }

    /** What would have been picked next, or null where nothing else was voted for. */
    public function second(): ?Value
    {
        $picked = $this->keys();
        foreach ($this->scores as $key => $score) {
            if ($score > 0.0 && !\in_array($key, $picked, true)) {
                foreach ($this->votes as $vote) {
                    if ($vote->value->key === $key) {
                        return $vote->value;
                    }
                }
            }
        }

        return null;
    }

    /** How far the pick is ahead of what would have been picked next. */
    public function firmness(): Firmness
    {
        $last = $this->winners[\count($this->winners) - 1] ?? null;
        $second = $this->second();

        return Firmness::of(
            null === $last || null === $second ? 0.0 : $this->scores[$second->key] / $this->scores[$last->key],
        );
    }

    /** The count as it would have come out without one rule. */
    public function without(Rule $rule): self
    {
        return self::count(
            $this->slot,
            array_values(array_filter($this->votes, static fn (Vote $vote): bool => $vote->rule !== $rule)),
            $this->excluded,
            $this->allows,
        );
    }

    /** The strongest vote of a rule, or null where it had none. */
    public function strongestVoteOf(Rule $rule): ?Vote
    {
        $strongest = null;
        foreach ($this->votes as $vote) {
            if ($vote->rule === $rule && abs($vote->count) > abs($strongest->count ?? 0.0)) {
                $strongest = $vote;
            }
        }

        return $strongest;
    }

    /** The strongest vote for a value, or null where there is none. */
    public function strongestFor(Value $value): ?Vote
    {
        $strongest = null;
        foreach ($this->votes as $vote) {
            if ($vote->value->key === $value->key && $vote->count > ($strongest->count ?? 0.0)) {
                $strongest = $vote;
            }
        }

        return $strongest;
    }

    /**
     * The rules that voted for what was picked, most votes first.
     *
     * @return list<Vote>
     */
    public function votesFor(): array
    {
        return $this->sorted(fn (Vote $vote): bool => $vote->count > 0 && $this->isPicked($vote->value));
    }

    /**
     * The rules that spoke against it, or for something else, loudest first.
     *
     * @return list<Vote>
     */
    public function votesAgainst(): array
    {
        return $this->sorted(fn (Vote $vote): bool => $vote->count > 0 ? !$this->isPicked($vote->value) : $this->isPicked($vote->value));
    }

    /** @return list<Vote> those of rules that the angler believes, or all where there are no others */
    public function believed(): array
    {
        $believed = array_values(array_filter($this->votes, static fn (Vote $vote): bool => Rank::Doubted !== $vote->rule->rank));

        return [] === $believed ? $this->votes : $believed;
    }

    private function isPicked(Value $value): bool
    {
        foreach ($this->winners as $winner) {
            if ($winner->key === $value->key) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param \Closure(Vote): bool $keep
     *
     * @return list<Vote>
     */
    private function sorted(\Closure $keep): array
    {
        $votes = array_values(array_filter($this->believed(), $keep));
        usort($votes, static fn (Vote $a, Vote $b): int => abs($b->count) <=> abs($a->count));

        return $votes;
    }
}
