<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use App\Contract\Advice\ChangeDocument;
use Kontrast\Practice\Tempting;
use OpenApi\Attributes as OA;

/** The answer of somebody who knows everything but the one fact that decides. */
#[OA\Schema(schema: 'Tempting', additionalProperties: false)]
final readonly class TemptingDocument
{
    /** @param list<ChangeDocument> $picks */
    public function __construct(
        #[OA\Property(description: 'Those that differ: what is right, and what tempts.', minItems: 1)]
        public array $picks,
        #[OA\Property(description: 'Of 100, by the scorer of the bench.')]
        public float $points,
        #[OA\Property(description: 'Why it tempts.')]
        public string $because,
    ) {
    }

    public static function of(Tempting $tempting): self
    {
        return new self(array_map(ChangeDocument::of(...), $tempting->differs), $tempting->points, $tempting->because);
    }
}
