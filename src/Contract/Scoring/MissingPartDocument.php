<?php

declare(strict_types=1);

namespace App\Contract\Scoring;

use App\Contract\Inventory\InventoryPartDocument;
use OpenApi\Attributes as OA;

/** A part not owned, and what it would gain over a set of readings. */
#[OA\Schema(schema: 'MissingPart', additionalProperties: false)]
final readonly class MissingPartDocument
{
    public function __construct(
        public InventoryPartDocument $part,
        #[OA\Property(description: 'Points out of 100, averaged over all readings.')]
        public float $gain,
        #[OA\Property(description: 'How many readings it helps.')]
        public int $readings,
        #[OA\Property(description: 'Out of how many.')]
        public int $of,
    ) {
    }
}
