<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use OpenApi\Attributes as OA;

/** The surface temperature of a day. */
#[OA\Schema(schema: 'Warmth', additionalProperties: false)]
final readonly class WarmthDocument
{
    public function __construct(
        #[OA\Property(description: 'Such as 2026-05-09.')]
        public string $date,
        public float $surface_f,
    ) {
    }
}
