<?php

declare(strict_types=1);

namespace App\Contract\Reading;

use OpenApi\Attributes as OA;

/** The water as a probe measures it. */
#[OA\Schema(schema: 'ProbedWater', additionalProperties: false)]
final readonly class ProbedWaterDocument
{
    public function __construct(
        #[OA\Property(description: 'Temperature at the surface, °F.')]
        public float $surface_f,
        #[OA\Property(description: 'Visibility, inches.')]
        public float $visibility_in,
    ) {
    }
}
