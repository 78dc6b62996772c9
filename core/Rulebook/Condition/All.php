<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Condition;

use Kontrast\Rulebook\Condition;
use Kontrast\Rulebook\ReadingBuilder;
use Kontrast\Rulebook\Situation;

/** Every one of several: as strong as the weakest of them. */
final readonly class All implements Condition
{
    /** @param list<Condition> $conditions */
    public function __construct(private array $conditions)
    {
    }

    /** @param list<Condition> $conditions */
    public static function weakest(array $conditions, Situation $situation): float
    {
        $strength = 1.0;
        foreach ($conditions as $condition) {
            $strength = min($strength, $condition->strength($situation));
            if ($strength <= 0.0) {
                return 0.0;
            }
        }

        return $strength;
    }

    public function strength(Situation $situation): float
    {
        return self::weakest($this->conditions, $situation);
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
        foreach ($this->conditions as $condition) {
            $condition->meet($draft);
        }
    }

    public function miss(ReadingBuilder $draft): void
    {
        $draft->oneOf($this->conditions)->miss($draft);
    }

    public function describe(): array
    {
        return ['kind' => 'all', 'of' => array_map(static fn (Condition $condition): array => $condition->describe(), $this->conditions)];
    }
}
