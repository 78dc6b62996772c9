<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use OpenApi\Attributes as OA;

/** How many fish were so long. */
#[OA\Schema(schema: 'FishLength', additionalProperties: false)]
final readonly class FishLengthDocument
{
    public function __construct(
        #[OA\Property(description: 'Whole inches: 14 for everything from 14 to under 15.')]
        public int $length_in,
        public int $fish,
    ) {
    }
}
