<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Bench\Mark;
use OpenApi\Attributes as OA;

/** How well one trait of a build does what is wanted. */
#[OA\Schema(schema: 'Mark', additionalProperties: false, required: ['trait', 'points', 'of', 'because'])]
final readonly class MarkDocument
{
    public function __construct(
        #[OA\Property]
        public string $trait,
        #[OA\Property]
        public float $points,
        #[OA\Property]
        public float $of,
        #[OA\Property]
        public string $because,
    ) {
    }

    public static function of(Mark $mark): self
    {
        return new self($mark->trait, $mark->points / 1000, $mark->of / 1000, $mark->because);
    }
}
