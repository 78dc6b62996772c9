<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Reading\Reading;

/** What a condition may look at: the reading, and what was settled before. */
final class Situation
{
    /** @var array<string, list<Value>> by slot value */
    private array $settled = [];

    /** @var array<int, float> by object id of the condition, which the rulebook keeps alive */
    private array $strengths = [];

    public function __construct(public readonly Reading $reading)
    {
    }

    /**
     * How fully a condition on the reading alone holds here; worked out once however many rules share it.
     *
     * @param Condition $condition one that looks at no earlier answer
     */
    public function strengthOf(Condition $condition): float
    {
        return $this->strengths[spl_object_id($condition)] ??= $condition->strength($this);
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
