<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\RuleConflict;
use Kontrast\Rulebook\Slot;
use OpenApi\Attributes as OA;

/** Another rule met in conflict, and who won how often. */
#[OA\Schema(schema: 'RuleConflict', additionalProperties: false)]
final readonly class RuleConflictDocument
{
    public function __construct(
        #[OA\Property(description: 'The other rule.')]
        public string $rule,
        public string $because,
        #[OA\Property(description: 'The question on which they conflict.')]
        public Slot $pick,
        public int $met,
        public int $won,
        public int $lost,
    ) {
    }

    public static function of(RuleConflict $conflict): self
    {
        return new self($conflict->other->id, $conflict->other->because, $conflict->slot, $conflict->met, $conflict->won, $conflict->lost);
    }
}
