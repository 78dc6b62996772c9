<?php

declare(strict_types=1);

namespace App\Api\Document;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A build to be put together, and the reading its weight is held against, where there is one. */
#[OA\Schema(schema: 'SheetRequest', additionalProperties: false, required: ['build'])]
final class SheetRequestDocument
{
    #[OA\Property(ref: CompositionDocument::class)]
    #[Assert\Valid]
    public CompositionDocument $build;

    #[OA\Property(ref: ReadingDocument::class, nullable: true)]
    #[Assert\Valid]
    public ?ReadingDocument $reading = null;
}
