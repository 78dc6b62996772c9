<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Inventory\PartMapper;
use Kontrast\Trip\Gap;
use OpenApi\Attributes as OA;

/** A part of the day for which the lures carried lack something. */
#[OA\Schema(schema: 'Gap', additionalProperties: false)]
final readonly class GapDocument
{
    public function __construct(
        public string $scenario,
        public string $lacks,
        #[OA\Property(description: 'A part that nobody owns yet.')]
        public InventoryPartDocument $part,
        #[OA\Property(description: 'Points out of 100 in that scenario.')]
        public float $gain,
    ) {
    }

    public static function of(Gap $gap): self
    {
        return new self(
            $gap->scenario->label(),
            $gap->lacks(),
            PartMapper::document($gap->part),
            round($gap->gain, 1),
        );
    }
}
