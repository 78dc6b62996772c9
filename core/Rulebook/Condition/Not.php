<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Condition;

use Kontrast\Rulebook\Condition;
use Kontrast\Rulebook\ReadingBuilder;
use Kontrast\Rulebook\Situation;

/** The opposite of a condition. */
final readonly class Not implements Condition
{
    public function __construct(private Condition $condition)
    {
    }

    public function strength(Situation $situation): float
    {
        return 1.0 - $this->condition->strength($situation);
    }

    public function slotsUsed(): array
    {
        return $this->condition->slotsUsed();
    }

    public function fields(): array
    {
        return $this->condition->fields();
    }

    public function meet(ReadingBuilder $draft): void
    {
        $this->condition->miss($draft);
    }

    public function miss(ReadingBuilder $draft): void
    {
        $this->condition->meet($draft);
    }

    public function describe(): array
    {
        return ['kind' => 'not', 'of' => [$this->condition->describe()]];
    }
}
