<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** Another rule that wants something else where a rule speaks, and who wins. */
final readonly class RuleConflict
{
    /**
     * @param int $met  cases in which both spoke to one question
     * @param int $won  of these, how often the first rule's value was picked and the other's not
     * @param int $lost the other way round
     */
    public function __construct(public Rule $other, public Slot $slot, public int $met, public int $won, public int $lost)
    {
    }
}
