<?php

declare(strict_types=1);

namespace App\Contract\Reading;

use App\Contract\Constraint\Id;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** The reading being worked on, and the water it is taken at. */
#[OA\Schema(schema: 'CurrentReading', additionalProperties: false, required: ['reading'])]
final readonly class CurrentReadingDocument
{
    public function __construct(
        #[OA\Property(ref: ReadingDocument::class)]
        #[Assert\Valid]
        public ReadingDocument $reading,
        #[OA\Property(type: 'string', nullable: true)]
        #[Id]
        public ?string $water_id = null,
    ) {
    }
}
