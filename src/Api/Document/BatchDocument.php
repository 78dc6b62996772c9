<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Bin\PartKind;
use Kontrast\Sheet\Task;
use OpenApi\Attributes as OA;

/** What a batch uses, what runs short, what it costs, and in which order it is made. */
#[OA\Schema(schema: 'Batch', additionalProperties: false, required: ['needs', 'order', 'minutes', 'cost', 'price', 'shopping_csv'])]
#[OA\Schema(schema: 'Need', required: ['id', 'name', 'kind', 'size', 'needed', 'there', 'short', 'cost'], properties: [
    new OA\Property(property: 'id', type: 'string', nullable: true),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'kind', type: 'string', enum: PartKind::class),
    new OA\Property(property: 'size', type: 'string'),
    new OA\Property(property: 'needed', type: 'integer'),
    new OA\Property(property: 'there', type: 'integer'),
    new OA\Property(property: 'short', type: 'integer'),
    new OA\Property(property: 'cost', type: 'number', nullable: true, description: 'Of one.'),
], description: 'A part that a batch uses.')]
#[OA\Schema(schema: 'Turn', required: ['task', 'title', 'count', 'minutes', 'builds'], properties: [
    new OA\Property(property: 'task', type: 'string', enum: Task::class),
    new OA\Property(property: 'title', type: 'string'),
    new OA\Property(property: 'count', type: 'integer'),
    new OA\Property(property: 'minutes', type: 'number'),
    new OA\Property(property: 'builds', type: 'array', items: new OA\Items(type: 'string')),
], description: 'Equal steps of a batch, done in one go.')]
final readonly class BatchDocument
{
    /**
     * @param list<array<string, mixed>> $needs
     * @param list<array<string, mixed>> $order
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/Need'))]
        public array $needs,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/Turn'))]
        public array $order,
        #[OA\Property]
        public float $minutes,
        #[OA\Property]
        public float $cost,
        #[OA\Property(nullable: true, description: 'Of as many bought ones.')]
        public ?float $price,
        #[OA\Property(description: 'What runs short, as a table.')]
        public string $shopping_csv,
    ) {
    }
}
