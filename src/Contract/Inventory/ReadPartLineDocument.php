<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use OpenApi\Attributes as OA;

/** What was understood of one line. */
#[OA\Schema(schema: 'ReadPartLine', additionalProperties: false, required: ['line', 'text', 'part', 'assumed', 'ignored', 'problem'])]
final readonly class ReadPartLineDocument
{
    /**
     * @param list<string> $assumed
     * @param list<string> $ignored
     */
    public function __construct(
        #[OA\Property(description: 'Counted from 1.')]
        public int $line,
        #[OA\Property]
        public string $text,
        #[OA\Property(ref: InventoryPartDocument::class, nullable: true, description: 'Null if the line could not be read.')]
        public ?InventoryPartDocument $part,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'What the line does not say.')]
        public array $assumed,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Words that were not understood.')]
        public array $ignored,
        #[OA\Property(nullable: true, description: 'Why the line could not be read.')]
        public ?string $problem,
    ) {
    }
}
