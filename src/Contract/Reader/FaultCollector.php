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

    public function add(Fault $fault): void
    {
        if (isset($this->faults[$fault->field])) {
            return;
        }
        ++$this->count;
        if (\count($this->faults) < InvalidDocument::MOST_TOLD) {
            $this->faults[$fault->field] = $fault;
        }
    }

    /** Whether anything is wrong at a path or below it; where faults are only counted any more, there may be anywhere. */
    public function hasWithin(string $path): bool
    {
        if ($this->count > \count($this->faults)) {
            return true;
        }
        foreach ($this->faults as $field => $fault) {
            if ('' === $path || $field === $path || str_starts_with($field, "$path.") || str_starts_with($field, "{$path}[")) {
                return true;
            }
        }

        return false;
    }

    public function isFull(): bool
    {
        return $this->count >= InvalidDocument::MOST_TOLD;
    }

    public function isEmpty(): bool
    {
        return 0 === $this->count;
    }

    public function count(): int
    {
        return $this->count;
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
