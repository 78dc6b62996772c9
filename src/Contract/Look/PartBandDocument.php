<?php

declare(strict_types=1);

namespace App\Contract\Look;

use OpenApi\Attributes as OA;

/** From how far to how far a part may be visible. */
#[OA\Schema(schema: 'PartBand', additionalProperties: false)]
final readonly class PartBandDocument
{
    /**
     * @param list<float>      $sight_range_in
     * @param list<float>|null $flash_range_in
     */
    public function __construct(
        public string $id,
        #[OA\Property(minItems: 2, maxItems: 2)]
        public array $sight_range_in,
        #[OA\Property(minItems: 2, maxItems: 2)]
        public ?array $flash_range_in,
    ) {
    }
}
