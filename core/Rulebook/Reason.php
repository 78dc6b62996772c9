<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** Why a pick is what it is: the rule with the most votes for it, and all others that voted. */
final readonly class Reason
{
    /**
     * @param list<Vote> $for     other rules that voted for the pick, most votes first
     * @param list<Vote> $against rules that voted for something else or against it, most votes first
     * @param Value|null $runnerUp what would have been picked next; null where nothing else was voted for
     */
    public function __construct(
        public Slot $slot,
        public Value $value,
        public Rule $rule,
        public float $strength,
        public ?string $school,
        public array $for,
        public array $against,
        public Firmness $firmness,
        public ?Value $runnerUp,
    ) {
    }
}
