<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\RuleConflict;
use Kontrast\Rulebook\Slot;
use OpenApi\Attributes as OA;

/** Another rule met in conflict, and who won how often. */
#[OA\Schema(schema: 'RuleConflict', additionalProperties: false, required: ['rule', 'because', 'pick', 'met', 'won', 'lost'])]
final readonly class RuleConflictDocument
{
    public function __construct(
        #[OA\Property(description: 'The other rule.')]
        public string $rule,
        #[OA\Property]
        public string $because,
        #[OA\Property(type: 'string', enum: Slot::class, description: 'The question on which they conflict.')]
        public Slot $pick,
        #[OA\Property]
        public int $met,
        #[OA\Property]
        public int $won,
        #[OA\Property]
        public int $lost,
    ) {
    }

    public static function of(RuleConflict $conflict): self
    {
        return new self($conflict->other->id, $conflict->other->because, $conflict->slot, $conflict->met, $conflict->won, $conflict->lost);
    }
}
