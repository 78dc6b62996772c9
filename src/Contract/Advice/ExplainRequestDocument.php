<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use App\Contract\Reading\ReadingDocument;
use Kontrast\Rulebook\Slot;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A pick to be explained, in a reading. */
#[OA\Schema(schema: 'ExplainRequest', additionalProperties: false, required: ['reading', 'pick'])]
final readonly class ExplainRequestDocument
{
    public function __construct(
        #[OA\Property(ref: ReadingDocument::class)]
        #[Assert\Valid]
        public ReadingDocument $reading,
        #[OA\Property(type: 'string', enum: Slot::class)]
        public Slot $pick,
    ) {
    }
}
