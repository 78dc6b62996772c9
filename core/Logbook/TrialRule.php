<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/** When a fair trial of two lures ends, and with what: chosen before it begins. */
interface TrialRule
{
    /**
     * @param list<array{int, int}> $pairs bites on A and on B in every two blocks, each as long as the other
     * @param int                   $most  pairs that were drawn
     */
    public function judge(array $pairs, int $most): TrialVerdict;

    /** How often luck alone may claim a difference. */
    public function risk(): float;
}
