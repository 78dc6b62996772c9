<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Condition;

use Kontrast\Rulebook\Condition;
use Kontrast\Rulebook\ReadingBuilder;
use Kontrast\Rulebook\Situation;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Value;

/** An earlier question of the same advice was answered with one of a few values. */
final readonly class Settled implements Condition
{
    /** @param list<Value> $values */
    public function __construct(private Slot $slot, private array $values)
    {
    }

    public function strength(Situation $situation): float
    {
        foreach ($this->values as $value) {
            if ($situation->has($this->slot, $value)) {
                return 1.0;
            }
        }

        return 0.0;
    }

    public function slotsUsed(): array
    {
        return [$this->slot];
    }

    public function fields(): array
    {
        return [];
    }

    public function meet(ReadingBuilder $draft): void
    {
        $draft->leanTowards($this->slot, $this->values);
    }

    /** Which answer comes out instead is left to the other rules. */
    public function miss(ReadingBuilder $draft): void
    {
    }

    public function describe(): array
    {
        return [
            'kind' => 'settled',
            'field' => $this->slot->value,
            'words' => array_map(static fn (Value $value): string => $value->said(), $this->values),
        ];
    }
}
