<?php

declare(strict_types=1);

namespace App\Contract\Reader;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;

/** Gathers what is wrong with one document: the first faults in full, the rest only counted, one a field. */
final class FaultCollector
{
    /** @var array<string, Fault> by field */
    private array $faults = [];
    private int $count = 0;
    private int $told = 0;

    public function add(Fault $fault): void
    {
        ++$this->told;
        if (isset($this->faults[$fault->field])) {
            return;
        }
        ++$this->count;
        if (\count($this->faults) < InvalidDocument::MOST_TOLD) {
            $this->faults[$fault->field] = $fault;
        }
    }

    /** How often a fault was added, one of the same field each time too: what adds none between two looks is sound. */
    public function told(): int
    {
        return $this->told;
    }

    public function isFull(): bool
    {
        return $this->count >= InvalidDocument::MOST_TOLD;
    }

    public function isEmpty(): bool
    {
        return 0 === $this->count;
    }

    /** @throws InvalidDocument where anything was added */
    public function throwIfAny(): void
    {
        $faults = array_values($this->faults);
        if ([] !== $faults) {
            throw InvalidDocument::because($faults, $this->count);
        }
    }

    /** @return list<Fault> */
    public function faults(): array
    {
        return array_values($this->faults);
    }
}
