<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use OpenApi\Attributes as OA;

/** Length and width of one blade, inches. */
#[OA\Schema(schema: 'BladeMeasures', additionalProperties: false)]
final readonly class BladeMeasuresDocument
{
    public function __construct(
        public float $length_in,
        public float $width_in,
    ) {
    }
}
