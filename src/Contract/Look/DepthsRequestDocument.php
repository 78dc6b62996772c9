<?php

declare(strict_types=1);

namespace App\Contract\Look;

use App\Contract\Reading\ReadingDocument;
use Kontrast\Water\Direction;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A reading, and where the fish looks from. */
#[OA\Schema(schema: 'DepthsRequest', additionalProperties: false, required: ['reading', 'from'])]
final readonly class DepthsRequestDocument
{
    public function __construct(
        #[OA\Property(ref: ReadingDocument::class)]
        #[Assert\Valid]
        public ReadingDocument $reading,
        #[OA\Property(type: 'string', enum: Direction::class)]
        public Direction $from,
    ) {
    }
}
