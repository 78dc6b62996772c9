<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/** What came of a trial. */
final readonly class TrialVerdict
{
    /** @param int $pairs how many pairs of blocks it rests on */
    public function __construct(public TrialOutcome $outcome, public int $bitesOnA, public int $bitesOnB, public int $pairs)
    {
    }
}
