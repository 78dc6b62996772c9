<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use OpenApi\Attributes as OA;

/** Everything in the bin. */
#[OA\Schema(schema: 'Inventory', additionalProperties: false, required: ['parts', 'mixed_boxes', 'swatches'], properties: [
    new OA\Property(property: 'parts', type: 'array', items: new OA\Items(ref: InventoryPartDocument::class)),
    new OA\Property(property: 'mixed_boxes', type: 'array', items: new OA\Items(required: ['box', 'stretchy', 'others'], properties: [
        new OA\Property(property: 'box', type: 'string'),
        new OA\Property(property: 'stretchy', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'others', type: 'array', items: new OA\Items(type: 'string')),
    ], type: 'object'), description: 'Boxes with stretchy plastic next to other soft plastic: they melt together.'),
    new OA\Property(property: 'swatches', type: 'array', items: new OA\Items(ref: SwatchDocument::class)),
])]
final class InventoryDocument
{
}
