<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Condition;

use Kontrast\Rulebook\Condition;
use Kontrast\Rulebook\ReadingBuilder;
use Kontrast\Rulebook\Situation;

/** At least one of several: as strong as the strongest of them. */
final readonly class Any implements Condition
{
    /** @param list<Condition> $conditions */
    public function __construct(private array $conditions)
    {
    }

    public function strength(Situation $situation): float
    {
        $strength = 0.0;
        foreach ($this->conditions as $condition) {
            $strength = max($strength, $condition->strength($situation));
        }

        return $strength;
    }

    public function slotsUsed(): array
    {
        return array_merge(...array_map(static fn (Condition $condition): array => $condition->slotsUsed(), $this->conditions));
    }

    public function fields(): array
    {
        return array_merge(...array_map(static fn (Condition $condition): array => $condition->fields(), $this->conditions));
    }

    public function meet(ReadingBuilder $draft): void
    {
        $draft->oneOf($this->conditions)->meet($draft);
    }

    public function miss(ReadingBuilder $draft): void
    {
        foreach ($this->conditions as $condition) {
            $condition->miss($draft);
        }
    }

    public function describe(): array
    {
        return ['kind' => 'any', 'of' => array_map(static fn (Condition $condition): array => $condition->describe(), $this->conditions)];
    }
}
