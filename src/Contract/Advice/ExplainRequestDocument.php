<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use App\Contract\Reading\ReadingDocument;
use Kontrast\Rulebook\Slot;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A pick to be explained, in a reading. */
#[OA\Schema(schema: 'ExplainRequest', additionalProperties: false)]
final readonly class ExplainRequestDocument
{
    public function __construct(
        #[Assert\Valid]
        public ReadingDocument $reading,
        public Slot $pick,
    ) {
    }
}
