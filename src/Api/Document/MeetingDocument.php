<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Rulebook\Meeting;
use OpenApi\Attributes as OA;

/** Another rule met in conflict, and who won how often. */
#[OA\Schema(schema: 'Meeting', additionalProperties: false, required: ['rule', 'because', 'pick', 'met', 'won', 'lost'])]
final readonly class MeetingDocument
{
    public function __construct(
        #[OA\Property(description: 'The other rule.')]
        public string $rule,
        #[OA\Property]
        public string $because,
        #[OA\Property(description: 'The question they part on.')]
        public string $pick,
        #[OA\Property]
        public int $met,
        #[OA\Property]
        public int $won,
        #[OA\Property]
        public int $lost,
    ) {
    }

    public static function of(Meeting $meeting): self
    {
        return new self($meeting->other->id, $meeting->other->because, $meeting->slot->value, $meeting->met, $meeting->won, $meeting->lost);
    }
}
