<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use App\Contract\Constraint\Hex;
use App\Contract\Constraint\Name;
use OpenApi\Attributes as OA;

/** A named colour to hand. */
#[OA\Schema(schema: 'Swatch', additionalProperties: false)]
final readonly class SwatchDocument
{
    public function __construct(
        #[Name('A color')]
        public string $name,
        #[Hex]
        public string $hex,
    ) {
    }
}
