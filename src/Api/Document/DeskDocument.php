<?php

declare(strict_types=1);

namespace App\Api\Document;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** The reading being worked on, and the water it is taken at. */
#[OA\Schema(schema: 'Desk', additionalProperties: false, required: ['reading'])]
final class DeskDocument
{
    #[OA\Property(ref: ReadingDocument::class)]
    #[Assert\Valid]
    public ReadingDocument $reading;

    #[OA\Property(type: 'string', nullable: true, format: 'uuid')]
    #[Assert\Uuid(message: '{{ value }} is not a UUID.')]
    public ?string $water_id = null;
}
