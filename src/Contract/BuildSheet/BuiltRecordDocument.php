<?php

declare(strict_types=1);

namespace App\Contract\BuildSheet;

use OpenApi\Attributes as OA;

/** A batch that was made. */
#[OA\Schema(schema: 'BuiltRecord', additionalProperties: false)]
final readonly class BuiltRecordDocument
{
    public function __construct(
        public string $id,
        public string $what,
        public int $count,
        public float $cost,
        public ?float $price,
        #[OA\Property(format: 'date-time')]
        public string $made_at,
    ) {
    }
}
