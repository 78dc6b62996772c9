<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\LureKind;
use Kontrast\Rulebook\FollowUp;
use OpenApi\Attributes as OA;

/** The lure to pick up next on the same spot. */
#[OA\Schema(schema: 'FollowUp', additionalProperties: false, required: ['lure', 'because', 'facts'])]
final readonly class FollowUpDocument
{
    /** @param list<string> $facts */
    public function __construct(
        #[OA\Property(type: 'string', enum: LureKind::class)]
        public LureKind $lure,
        #[OA\Property]
        public string $because,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $facts,
    ) {
    }

    public static function of(FollowUp $followUp): self
    {
        return new self($followUp->kind, $followUp->because, $followUp->facts);
    }
}
