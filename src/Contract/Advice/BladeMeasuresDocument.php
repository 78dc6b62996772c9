<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use OpenApi\Attributes as OA;

/** Length and width of one blade, inches. */
#[OA\Schema(schema: 'BladeMeasures', additionalProperties: false, required: ['length_in', 'width_in'])]
final readonly class BladeMeasuresDocument
{
    public function __construct(
        #[OA\Property]
        public float $length_in,
        #[OA\Property]
        public float $width_in,
    ) {
    }
}
