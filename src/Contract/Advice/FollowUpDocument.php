<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\LureKind;
use Kontrast\Rulebook\FollowUp;
use OpenApi\Attributes as OA;

/** The lure to pick up next on the same spot. */
#[OA\Schema(schema: 'FollowUp', additionalProperties: false)]
final readonly class FollowUpDocument
{
    /** @param list<string> $facts */
    public function __construct(
        public LureKind $lure,
        public string $because,
        public array $facts,
    ) {
    }

    public static function of(FollowUp $followUp): self
    {
        return new self($followUp->kind, $followUp->because, $followUp->facts);
    }
}
