<?php

declare(strict_types=1);

namespace App\Contract\Reading;

use OpenApi\Attributes as OA;

/** What an advice takes for granted at a water where nobody has looked yet. */
#[OA\Schema(schema: 'UsualWater', additionalProperties: false)]
final readonly class UsualWaterDocument
{
    public function __construct(
        #[OA\Property(description: 'Null for one without a name.')]
        public ?string $water_id,
        #[OA\Property(description: 'What lasts, as it was last seen there, else as the water says of itself; the season of today’s date.')]
        public ReadingDocument $reading,
        #[OA\Property(description: 'When somebody last saw how far one sees in it.')]
        public ?\DateTimeImmutable $seen_at = null,
        #[OA\Property(description: 'What was seen then: a proposal, which counts for nothing until somebody says so.')]
        public ?ObservedReadingDocument $seen = null,
    ) {
    }
}
