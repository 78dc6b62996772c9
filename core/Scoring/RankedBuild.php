<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Inventory\Composition;

/** A build of the bin with its place. */
final readonly class RankedBuild
{
    public function __construct(public Composition $build, public ScoreBreakdown $scores)
    {
    }

    /** @return list<TraitScore> what it lacks, the largest loss first */
    public function lacks(): array
    {
        $lacking = array_values(array_filter($this->scores->scores, static fn (TraitScore $mark): bool => $mark->lost() > 0));
        usort($lacking, static fn (TraitScore $a, TraitScore $b): int => $b->lost() <=> $a->lost());

        return $lacking;
    }
}
