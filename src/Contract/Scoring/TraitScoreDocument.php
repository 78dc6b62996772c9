<?php

declare(strict_types=1);

namespace App\Contract\Scoring;

use Kontrast\Scoring\ScoredTrait;
use Kontrast\Scoring\TraitScore;
use OpenApi\Attributes as OA;

/** How well one trait of a build does what is wanted. */
#[OA\Schema(schema: 'TraitScore', additionalProperties: false, required: ['trait', 'points', 'of', 'because'])]
final readonly class TraitScoreDocument
{
    public function __construct(
        #[OA\Property(type: 'string', enum: ScoredTrait::class)]
        public ScoredTrait $trait,
        #[OA\Property]
        public float $points,
        #[OA\Property]
        public float $of,
        #[OA\Property]
        public string $because,
    ) {
    }

    public static function of(TraitScore $score, string $because): self
    {
        return new self($score->trait, $score->points / 1000, $score->of / 1000, $because);
    }
}
