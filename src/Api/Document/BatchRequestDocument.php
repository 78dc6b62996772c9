<?php

declare(strict_types=1);

namespace App\Api\Document;

use App\Exchange\LimitsLists;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** What is to be made in one sitting. */
#[OA\Schema(schema: 'BatchRequest', additionalProperties: false, required: ['items'])]
final class BatchRequestDocument implements LimitsLists
{
    /** @var list<BatchItemDocument> */
    #[OA\Property(type: 'array', items: new OA\Items(ref: BatchItemDocument::class), minItems: 1, maxItems: 50)]
    #[Assert\Count(min: 1, minMessage: 'Say of at least one build how many are made.')]
    #[Assert\Valid]
    public array $items;

    public static function limits(): array
    {
        return ['items' => 50];
    }
}
