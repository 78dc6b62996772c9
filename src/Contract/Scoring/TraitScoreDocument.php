<?php

declare(strict_types=1);

namespace App\Contract\Scoring;

use Kontrast\Scoring\ScoredTrait;
use Kontrast\Scoring\TraitScore;
use OpenApi\Attributes as OA;

/** How well one trait of a build does what is wanted. */
#[OA\Schema(schema: 'TraitScore', additionalProperties: false)]
final readonly class TraitScoreDocument
{
    public function __construct(
        public ScoredTrait $trait,
        public float $points,
        public float $of,
        public string $because,
    ) {
    }

    public static function of(TraitScore $score, string $because): self
    {
        return new self($score->trait, $score->points / 1000, $score->of / 1000, $because);
    }
}
