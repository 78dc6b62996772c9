<?php

declare(strict_types=1);

namespace Kontrast\Bench;

use Kontrast\Bin\Composition;

/** A build of the bin with its place. */
final readonly class Ranked
{
    public function __construct(public Composition $build, public Marks $marks)
    {
    }

    /** @return list<Mark> what it lacks, the largest loss first */
    public function lacks(): array
    {
        $lacking = array_values(array_filter($this->marks->marks, static fn (Mark $mark): bool => $mark->lost() > 0));
        usort($lacking, static fn (Mark $a, Mark $b): int => $b->lost() <=> $a->lost());

        return $lacking;
    }
}
