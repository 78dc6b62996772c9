<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use OpenApi\Attributes as OA;

/** A stretch of a line, with what it was understood as. */
#[OA\Schema(schema: 'Gloss', additionalProperties: false)]
final readonly class GlossDocument
{
    public function __construct(
        public string $text,
        #[OA\Property(description: 'Null if it carries nothing of its own, or was not understood.')]
        public ?string $means,
        #[OA\Property(description: 'Whether it was not understood.')]
        public bool $unknown,
    ) {
    }
}
