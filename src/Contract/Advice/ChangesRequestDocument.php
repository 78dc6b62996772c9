<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use App\Contract\Reading\ReadingDocument;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** Two readings of one water: what changes in the advice from the first to the second? */
#[OA\Schema(schema: 'ChangesRequest', additionalProperties: false)]
final readonly class ChangesRequestDocument
{
    public function __construct(
        #[Assert\Valid]
        public ReadingDocument $before,
        #[Assert\Valid]
        public ReadingDocument $after,
    ) {
    }
}
