<?php

declare(strict_types=1);

namespace App\Contract\Reading;

use OpenApi\Attributes as OA;

/** How far one sees in a water, from what was noted there. */
#[OA\Schema(schema: 'WaterSights', additionalProperties: false)]
final readonly class WaterSightsDocument
{
    /** @param list<float> $sight_in */
    public function __construct(
        public string $water_id,
        #[OA\Property(minItems: 3, maxItems: 3, description: 'On its dirty days, as a rule and on its clear days, inches.')]
        public array $sight_in,
    ) {
    }
}
