<?php

declare(strict_types=1);

namespace App\Contract\Look;

use App\Contract\Reading\ReadingDocument;
use Kontrast\Water\Direction;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A reading, and where the fish looks from. */
#[OA\Schema(schema: 'DepthsRequest', additionalProperties: false)]
final readonly class DepthsRequestDocument
{
    public function __construct(
        #[Assert\Valid]
        public ReadingDocument $reading,
        public Direction $from,
    ) {
    }
}
