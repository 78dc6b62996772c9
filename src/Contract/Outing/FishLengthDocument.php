<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use Kontrast\Reading\LureKind;
use OpenApi\Attributes as OA;

/** A fish that was measured. */
#[OA\Schema(schema: 'FishLength', additionalProperties: false, required: ['at', 'length_in', 'lure'])]
final readonly class FishLengthDocument
{
    public function __construct(
        #[OA\Property(format: 'date-time')]
        public string $at,
        #[OA\Property]
        public float $length_in,
        #[OA\Property(type: 'string', enum: LureKind::class)]
        public LureKind $lure,
    ) {
    }
}
