<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

/** The marks of a part, or of a whole build, and their sum. */
final readonly class ScoreBreakdown
{
    public int $points;

    /** @param list<TraitScore> $scores */
    public function __construct(public array $scores)
    {
        $this->points = array_sum(array_map(static fn (TraitScore $mark): int => $mark->points, $scores));
    }

    public static function none(): self
    {
        return new self([]);
    }

    public function and(self ...$others): self
    {
        return new self(array_merge($this->scores, ...array_map(static fn (self $other): array => $other->scores, array_values($others))));
    }

    /** The most the same marks could have come to. */
    public function most(): int
    {
        return array_sum(array_map(static fn (TraitScore $mark): int => $mark->of, $this->scores));
    }
}
