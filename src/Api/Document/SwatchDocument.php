<?php

declare(strict_types=1);

namespace App\Api\Document;

use OpenApi\Attributes as OA;

/** A named colour to hand. */
#[OA\Schema(schema: 'Swatch', additionalProperties: false, required: ['name', 'hex'])]
final class SwatchDocument
{
    #[OA\Property]
    public string $name;

    #[OA\Property(pattern: '^#[0-9a-f]{6}$')]
    public string $hex;
}
