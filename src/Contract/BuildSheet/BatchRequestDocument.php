<?php

declare(strict_types=1);

namespace App\Contract\BuildSheet;

use App\Contract\Reader\LimitsLists;
use Kontrast\BuildSheet\Batch;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** What is to be made in one sitting. */
#[OA\Schema(schema: 'BatchRequest', additionalProperties: false)]
final readonly class BatchRequestDocument implements LimitsLists
{
    /** @param list<BatchItemDocument> $items */
    public function __construct(
        #[OA\Property(minItems: 1, maxItems: Batch::MOST_BUILDS)]
        #[Assert\Count(min: 1, minMessage: 'Choose at least one build and how many to make.')]
        #[Assert\Valid]
        public array $items,
    ) {
    }

    public static function limits(): array
    {
        return ['items' => Batch::MOST_BUILDS];
    }
}
