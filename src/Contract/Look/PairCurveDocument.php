<?php

declare(strict_types=1);

namespace App\Contract\Look;

use OpenApi\Attributes as OA;

/** Two parts over distance: just-noticeable differences between them. */
#[OA\Schema(schema: 'FadedPair', additionalProperties: false, required: ['a', 'b', 'jnd'])]
final readonly class PairCurveDocument
{
    /** @param list<float> $jnd */
    public function __construct(
        #[OA\Property]
        public string $a,
        #[OA\Property]
        public string $b,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))]
        public array $jnd,
    ) {
    }
}
