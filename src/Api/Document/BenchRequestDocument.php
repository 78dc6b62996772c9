<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Water\Direction;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A build laid on the bench, and the reading it is for. */
#[OA\Schema(schema: 'BenchRequest', additionalProperties: false, required: ['reading', 'build'])]
final class BenchRequestDocument
{
    #[OA\Property(ref: ReadingDocument::class)]
    #[Assert\Valid]
    public ReadingDocument $reading;

    #[OA\Property(ref: CompositionDocument::class)]
    #[Assert\Valid]
    public CompositionDocument $build;

    #[OA\Property(type: 'string', enum: Direction::class, description: 'Where the fish looks from.')]
    public Direction $from = Direction::Side;
}
