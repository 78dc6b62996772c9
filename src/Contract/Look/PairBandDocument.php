<?php

declare(strict_types=1);

namespace App\Contract\Look;

use OpenApi\Attributes as OA;

/** From how far to how far two parts may look like two. */
#[OA\Schema(schema: 'PairBand', additionalProperties: false)]
final readonly class PairBandDocument
{
    /** @param list<float> $split_range_in */
    public function __construct(
        public string $a,
        public string $b,
        #[OA\Property(minItems: 2, maxItems: 2)]
        public array $split_range_in,
    ) {
    }
}
