<?php

declare(strict_types=1);

namespace App\Format;

/** Values of which each distinct one is kept once, and named by its number. */
final class DistinctValues
{
    private const DEPTH = 64;

    /** @var array<int|string, int> by JSON */
    private array $numbers = [];

    /** @return int the number of the value */
    public function number(mixed $value): int
    {
        return $this->numbers[json_encode($value, \JSON_THROW_ON_ERROR)] ??= \count($this->numbers);
    }

    /** @return list<mixed> by number */
    public function all(): array
    {
        $read = static fn (int|string $json): mixed => json_decode((string) $json, false, self::DEPTH, \JSON_THROW_ON_ERROR);

        return array_map($read, array_keys($this->numbers));
    }
}
