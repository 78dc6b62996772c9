<?php

declare(strict_types=1);

namespace App\Contract\Scoring;

use App\Contract\Reading\ReadingDocument;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** The reading for which the best of the bin is looked for. */
#[OA\Schema(schema: 'BestRequest', additionalProperties: false)]
final readonly class BestRequestDocument
{
    public function __construct(
        #[Assert\Valid]
        public ReadingDocument $reading,
    ) {
    }
}
