<?php

declare(strict_types=1);

namespace App\Contract\BuildSheet;

use OpenApi\Attributes as OA;

/** What a batch uses, what runs short, what it costs, and in which order it is made. */
#[OA\Schema(schema: 'Batch', additionalProperties: false)]
final readonly class BatchDocument
{
    /**
     * @param list<NeedDocument> $needs
     * @param list<TurnDocument> $order
     */
    public function __construct(
        public array $needs,
        public array $order,
        public float $minutes,
        public float $cost,
        #[OA\Property(description: 'Of as many bought ones.')]
        public ?float $price,
        #[OA\Property(description: 'What is missing, as CSV.')]
        public string $shopping_csv,
    ) {
    }
}
