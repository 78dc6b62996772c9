<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/**
 * One answer a rule gives to one question. What it says may depend on the situation ("the skirt's own colour"), and it may
 * hold only beside another pick of the same rule (an accent goes with its base).
 */
final readonly class Pick
{
    /** @param \Closure(Situation): list<Value> $values */
    private function __construct(
        public Slot $slot,
        private \Closure $values,
        private ?self $beside,
        public string $words,
    ) {
    }

    public static function of(Slot $slot, Value $value): self
    {
        return new self($slot, static fn (Situation $situation): array => [$value], null, $value->key);
    }

    /** The same answer as another question got. */
    public static function same(Slot $slot, Slot $as): self
    {
        return new self($slot, static fn (Situation $situation): array => $situation->settled($as), null, 'same as '.$as->value);
    }

    /**
     * An answer worked out from the situation.
     *
     * @param \Closure(Situation): list<Value> $values
     */
    public static function computed(Slot $slot, string $words, \Closure $values): self
    {
        return new self($slot, $values, null, $words);
    }

    /** This pick, but only where the other one won its own question. */
    public function beside(self $other): self
    {
        return new self($this->slot, $this->values, $other, $this->words);
    }

    /** @return list<Value> empty where the pick does not hold */
    public function values(Situation $situation): array
    {
        if (null !== $this->beside) {
            foreach ($this->beside->values($situation) as $value) {
                if (!$situation->has($this->beside->slot, $value)) {
                    return [];
                }
            }
        }

        return ($this->values)($situation);
    }
}
