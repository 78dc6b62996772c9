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
     * @param list<string> $unknown
     * @param list<GlossDocument> $glosses
     */
    public function __construct(
        #[OA\Property(description: 'Counted from 1.')]
        public int $line,
        public string $text,
        #[OA\Property(description: 'Null if nobody can tell what it is. A color that was not said or not understood is null in it.')]
        public ?InventoryPartDocument $part,
        #[OA\Property(description: 'What the line does not say.')]
        public array $assumed,
        #[OA\Property(description: 'Words and numbers that were not understood.')]
        public array $unknown,
        #[OA\Property(description: 'Why the line could not be read.')]
        public ?string $problem,
        #[OA\Property(description: 'The whole line, stretch by stretch.')]
        public array $glosses = [],
    ) {
    }
}
