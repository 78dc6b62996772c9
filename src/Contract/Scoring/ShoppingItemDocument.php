<?php

declare(strict_types=1);

namespace App\Contract\Scoring;

use App\Contract\Inventory\InventoryPartDocument;
use OpenApi\Attributes as OA;

/** A part to buy. */
#[OA\Schema(schema: 'ShoppingItem', additionalProperties: false)]
final readonly class ShoppingItemDocument
{
    /** @param list<int> $readings */
    public function __construct(
        public InventoryPartDocument $part,
        #[OA\Property(description: 'The readings that use it, by index.')]
        public array $readings,
    ) {
    }
}
