<?php

declare(strict_types=1);

namespace App\Contract\Reading;

use App\Contract\Constraint\Id;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** The reading being worked on, and the water it is taken at. */
#[OA\Schema(schema: 'CurrentReading', additionalProperties: false)]
final readonly class CurrentReadingDocument
{
    public function __construct(
        #[Assert\Valid]
        public ReadingDocument $reading,
        #[Id]
        public ?string $water_id = null,
    ) {
    }
}
