<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Constraint\Between;
use OpenApi\Attributes as OA;

/** How they may bite: chances that add up to 1. */
#[OA\Schema(schema: 'Moods', additionalProperties: false)]
final readonly class MoodsDocument
{
    public function __construct(
        #[Between(0, 1, 'A chance')]
        public float $normal,
        #[Between(0, 1, 'A chance')]
        public float $tough,
        #[Between(0, 1, 'A chance')]
        public float $active,
    ) {
    }
}
