<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use App\Contract\Constraint\Hex;
use App\Contract\Constraint\Name;
use OpenApi\Attributes as OA;

/** A named colour to hand. */
#[OA\Schema(schema: 'Swatch', additionalProperties: false, required: ['name', 'hex'])]
final readonly class SwatchDocument
{
    public function __construct(
        #[OA\Property]
        #[Name('A color')]
        public string $name,
        #[OA\Property]
        #[Hex]
        public string $hex,
    ) {
    }
}
