<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Reading\Reading;

/** What a condition may look at: the reading, and what was settled before. */
final class Situation
{
    /** @var array<string, list<Value>> by slot value */
    private array $settled = [];

    public function __construct(public readonly Reading $reading)
    {
    }

    /** @param list<Value> $values */
    public function settle(Slot $slot, array $values): void
    {
        $this->settled[$slot->value] = $values;
    }

    /** @return list<Value> what was settled; empty where nothing was, or not yet */
    public function settled(Slot $slot): array
    {
        return $this->settled[$slot->value] ?? [];
    }

    public function has(Slot $slot, Value $value): bool
    {
        foreach ($this->settled($slot) as $settled) {
            if ($settled->key === $value->key) {
                return true;
            }
        }

        return false;
    }
}
