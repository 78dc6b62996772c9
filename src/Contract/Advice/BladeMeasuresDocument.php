<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use OpenApi\Attributes as OA;

/** Length and width of one blade, inches, and how fast it moves. */
#[OA\Schema(schema: 'BladeMeasures', additionalProperties: false)]
final readonly class BladeMeasuresDocument
{
    public function __construct(
        public float $length_in,
        public float $width_in,
        #[OA\Property(description: 'Turns a second; of the plate of a bladed jig swings, there and back.')]
        public PaceFiguresDocument $turns_per_s,
    ) {
    }
}
