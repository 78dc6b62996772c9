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
        #[OA\Property]
        public int $line,
        #[OA\Property(type: 'string', enum: PartAction::class)]
        public PartAction $action,
        #[OA\Property]
        public string $name,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Those that would change.')]
        public array $fields = [],
        #[OA\Property(type: 'array', items: new OA\Items(ref: Fault::class))]
        public array $faults = [],
    ) {
    }
}
