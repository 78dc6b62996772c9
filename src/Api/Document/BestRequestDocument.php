<?php

declare(strict_types=1);

namespace App\Api\Document;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** The reading for which the best of the bin is looked for. */
#[OA\Schema(schema: 'BestRequest', additionalProperties: false, required: ['reading'])]
final class BestRequestDocument
{
    #[OA\Property(ref: ReadingDocument::class)]
    #[Assert\Valid]
    public ReadingDocument $reading;
}
