<?php

declare(strict_types=1);

namespace Kontrast\Bench;

/** The marks of a part, or of a whole build, and their sum. */
final readonly class Marks
{
    public int $points;

    /** @param list<Mark> $marks */
    public function __construct(public array $marks)
    {
        $this->points = array_sum(array_map(static fn (Mark $mark): int => $mark->points, $marks));
    }

    public static function none(): self
    {
        return new self([]);
    }

    public function and(self ...$others): self
    {
        return new self(array_merge($this->marks, ...array_map(static fn (self $other): array => $other->marks, array_values($others))));
    }

    /** The most the same marks could have come to. */
    public function most(): int
    {
        return array_sum(array_map(static fn (Mark $mark): int => $mark->of, $this->marks));
    }
}
