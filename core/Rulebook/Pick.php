<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/**
 * One answer a rule gives to one question. What it says may depend on the situation ("the skirt's own colour"), and it may
 * hold only beside another pick of the same rule (an accent goes with its base).
 */
final readonly class Pick
{
    /**
     * @param \Closure(Situation): list<Value> $values
     * @param Value|null                       $value   the one value, where it is always the same
     * @param list<string>                     $dependsOn fields of the reading and slots it is worked out from
     */
    private function __construct(
        public Slot $slot,
        private \Closure $values,
        private ?self $beside,
        public string $words,
        public ?Value $value,
        public array $dependsOn,
        public ?Slot $sameAs = null,
    ) {
    }

    public static function of(Slot $slot, Value $value): self
    {
        return new self($slot, static fn (Situation $situation): array => [$value], null, $value->said(), $value, []);
    }

    /** The same answer as another question got. */
    public static function same(Slot $slot, Slot $as): self
    {
        return new self(
            $slot,
            static fn (Situation $situation): array => $situation->settled($as),
            null,
            'same as '.$as->value,
            null,
            [$as->value],
            $as,
        );
    }

    /**
     * An answer worked out from fields of the reading.
     *
     * @param list<string>                     $fields
     * @param \Closure(Situation): list<Value> $values
     */
    public static function computed(Slot $slot, string $words, array $fields, \Closure $values): self
    {
        return new self($slot, $values, null, $words, null, $fields);
    }

    /** This pick, but only where the other one won its own question. */
    public function beside(self $other): self
    {
        $dependsOn = [...$this->dependsOn, $other->slot->value, ...$other->dependsOn];

        return new self($this->slot, $this->values, $other, $this->words, $this->value, $dependsOn, $this->sameAs);
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
