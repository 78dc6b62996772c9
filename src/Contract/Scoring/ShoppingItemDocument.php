<?php

declare(strict_types=1);

namespace App\Contract\Scoring;

use App\Contract\Inventory\InventoryPartDocument;
use OpenApi\Attributes as OA;

/** A part to buy. */
#[OA\Schema(schema: 'ShoppingItem', additionalProperties: false, required: ['part', 'readings'])]
final readonly class ShoppingItemDocument
{
    /** @param list<int> $readings */
    public function __construct(
        #[OA\Property(ref: InventoryPartDocument::class)]
        public InventoryPartDocument $part,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'), description: 'The readings that use it, by index.')]
        public array $readings,
    ) {
    }
}
