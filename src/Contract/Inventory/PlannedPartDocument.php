<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use App\Contract\Error\Fault;
use OpenApi\Attributes as OA;

/** What an import would do with one line. */
#[OA\Schema(schema: 'PlannedPart', additionalProperties: false, required: ['line', 'action', 'name', 'fields', 'faults'])]
final readonly class PlannedPartDocument
{
    /**
     * @param list<string> $fields
     * @param list<Fault>  $faults
     */
    public function __construct(
        public int $line,
        public PartAction $action,
        public string $name,
        #[OA\Property(description: 'Those that would change.')]
        public array $fields = [],
        public array $faults = [],
    ) {
    }
}
