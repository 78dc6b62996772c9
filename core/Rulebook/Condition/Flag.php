<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Condition;

use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Condition;
use Kontrast\Rulebook\ReadingBuilder;
use Kontrast\Rulebook\Situation;

/** Something about the reading that is so or not so. */
final readonly class Flag implements Condition
{
    /**
     * @param \Closure(Reading): bool $is
     * @param list<string>            $fields every field it looks at; empty where the name says it
     */
    public function __construct(private string $field, private \Closure $is, private array $fields = [])
    {
    }

    public function strength(Situation $situation): float
    {
        return ($this->is)($situation->reading) ? 1.0 : 0.0;
    }

    public function slotsUsed(): array
    {
        return [];
    }

    public function fields(): array
    {
        return [] === $this->fields ? [explode(':', $this->field)[0]] : $this->fields;
    }

    public function meet(ReadingBuilder $draft): void
    {
        $draft->flag($this->field, true);
    }

    public function miss(ReadingBuilder $draft): void
    {
        $draft->flag($this->field, false);
    }

    public function describe(): array
    {
        [$field, $word] = [...explode(':', $this->field), null];

        return ['kind' => 'flag', 'field' => $field] + (null === $word ? [] : ['words' => [$word]]);
    }
}
