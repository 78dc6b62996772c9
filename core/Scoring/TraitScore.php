<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

/**
 * How well one trait of a build does what is wanted, in thousandths of a point: whole numbers, so that sums are exact and two ways of
 * adding agree.
 */
final readonly class TraitScore
{
    private function __construct(public ScoredTrait $trait, public int $points, public int $of)
    {
    }

    /**
     * @param float $share 0 where it does nothing of what is wanted, 1 where it does all
     * @param int   $of    the most it can bring, in thousandths of a point
     */
    public static function share(ScoredTrait $trait, float $share, int $of): self
    {
        return new self($trait, self::pointsOf($share, $of), $of);
    }

    /** The points of a share alone. */
    public static function pointsOf(float $share, int $of): int
    {
        return (int) round(max(0.0, min(1.0, $share)) * $of);
    }

    public function lost(): int
    {
        return $this->of - $this->points;
    }
}
