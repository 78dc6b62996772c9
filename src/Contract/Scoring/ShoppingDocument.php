<?php

declare(strict_types=1);

namespace App\Contract\Scoring;

use OpenApi\Attributes as OA;

/** What is missing to build the advised lures of some readings. */
#[OA\Schema(schema: 'Shopping', additionalProperties: false)]
final readonly class ShoppingDocument
{
    /** @param list<ShoppingItemDocument> $items */
    public function __construct(
        public array $items,
        #[OA\Property(description: 'The list as CSV.')]
        public string $file,
    ) {
    }
}
