<?php

declare(strict_types=1);

namespace App\Contract\Look;

use OpenApi\Attributes as OA;

/** From how far to how far a part may be visible. */
#[OA\Schema(schema: 'PartBand', additionalProperties: false, required: ['id', 'sight_range_in', 'flash_range_in'])]
final readonly class PartBandDocument
{
    /**
     * @param list<float>      $sight_range_in
     * @param list<float>|null $flash_range_in
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'), minItems: 2, maxItems: 2)]
        public array $sight_range_in,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'), minItems: 2, maxItems: 2, nullable: true)]
        public ?array $flash_range_in,
    ) {
    }
}
