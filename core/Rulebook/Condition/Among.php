<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Condition;

use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Condition;
use Kontrast\Rulebook\ReadingBuilder;
use Kontrast\Rulebook\Situation;

/** A word of the reading is one of a few. */
final readonly class Among implements Condition
{
    /**
     * @param \Closure(Reading): (\BackedEnum|null) $of
     * @param list<\BackedEnum>                     $words
     */
    public function __construct(private string $field, private \Closure $of, private array $words)
    {
    }

    public function strength(Situation $situation): float
    {
        return \in_array(($this->of)($situation->reading), $this->words, true) ? 1.0 : 0.0;
    }

    public function slotsUsed(): array
    {
        return [];
    }

    public function fields(): array
    {
        return [$this->field];
    }

    public function meet(ReadingBuilder $draft): void
    {
        $draft->set($this->field, $draft->oneOf($this->words));
    }

    public function miss(ReadingBuilder $draft): void
    {
        $draft->set($this->field, $draft->oneOf($this->otherWords()));
    }

    public function describe(): array
    {
        return [
            'kind' => 'among',
            'field' => $this->field,
            'words' => array_map(static fn (\BackedEnum $word): int|string => $word->value, $this->words),
        ];
    }

    /** @return list<\BackedEnum> */
    private function otherWords(): array
    {
        $first = $this->words[0] ?? throw new \LogicException('A condition names at least one word.');

        return array_values(array_filter($first::cases(), fn (\BackedEnum $word): bool => !\in_array($word, $this->words, true)));
    }
}
