<?php

declare(strict_types=1);

namespace App\Contract\Scoring;

use OpenApi\Attributes as OA;

/** The best builds of the bin for a reading. */
#[OA\Schema(schema: 'Best', additionalProperties: false)]
final readonly class BestDocument
{
    /**
     * @param list<RankedBuildDocument> $ranked
     * @param list<string>         $lacking
     */
    public function __construct(
        #[OA\Property(description: 'How many builds your parts can make.')]
        public int $combinations,
        public array $ranked,
        #[OA\Property(description: 'Types of part that you have none of and this lure needs.')]
        public array $lacking,
    ) {
    }
}
