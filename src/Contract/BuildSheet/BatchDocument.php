<?php

declare(strict_types=1);

namespace App\Contract\BuildSheet;

use OpenApi\Attributes as OA;

/** What a batch uses, what runs short, what it costs, and in which order it is made. */
#[OA\Schema(schema: 'Batch', additionalProperties: false, required: ['needs', 'order', 'minutes', 'cost', 'price', 'shopping_csv'])]
final readonly class BatchDocument
{
    /**
     * @param list<NeedDocument> $needs
     * @param list<TurnDocument> $order
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: NeedDocument::class))]
        public array $needs,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TurnDocument::class))]
        public array $order,
        #[OA\Property]
        public float $minutes,
        #[OA\Property]
        public float $cost,
        #[OA\Property(nullable: true, description: 'Of as many bought ones.')]
        public ?float $price,
        #[OA\Property(description: 'What is missing, as CSV.')]
        public string $shopping_csv,
    ) {
    }
}
