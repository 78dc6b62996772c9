<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use OpenApi\Attributes as OA;

/** What was understood of one line. */
#[OA\Schema(schema: 'ReadPartLine', additionalProperties: false)]
final readonly class ReadPartLineDocument
{
    /**
     * @param list<string> $assumed
     * @param list<string> $ignored
     */
    public function __construct(
        #[OA\Property(description: 'Counted from 1.')]
        public int $line,
        public string $text,
        #[OA\Property(description: 'Null if the line could not be read.')]
        public ?InventoryPartDocument $part,
        #[OA\Property(description: 'What the line does not say.')]
        public array $assumed,
        #[OA\Property(description: 'Words that were not understood.')]
        public array $ignored,
        #[OA\Property(description: 'Why the line could not be read.')]
        public ?string $problem,
    ) {
    }
}
