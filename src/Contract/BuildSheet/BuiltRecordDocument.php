<?php

declare(strict_types=1);

namespace App\Contract\BuildSheet;

use OpenApi\Attributes as OA;

/** A batch that was made. */
#[OA\Schema(schema: 'BuiltRecord', additionalProperties: false, required: ['id', 'what', 'count', 'cost', 'price', 'made_at'])]
final readonly class BuiltRecordDocument
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $what,
        #[OA\Property]
        public int $count,
        #[OA\Property]
        public float $cost,
        #[OA\Property(nullable: true)]
        public ?float $price,
        #[OA\Property(format: 'date-time')]
        public string $made_at,
    ) {
    }
}
