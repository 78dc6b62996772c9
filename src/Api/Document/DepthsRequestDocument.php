<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Water\Direction;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A reading, and where the fish looks from. */
#[OA\Schema(schema: 'DepthsRequest', additionalProperties: false, required: ['reading', 'from'])]
final class DepthsRequestDocument
{
    #[OA\Property(ref: ReadingDocument::class)]
    #[Assert\Valid]
    public ReadingDocument $reading;

    #[OA\Property(type: 'string', enum: Direction::class)]
    public Direction $from;
}
