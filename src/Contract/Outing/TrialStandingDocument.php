<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use Kontrast\Logbook\TrialOutcome;
use OpenApi\Attributes as OA;

/** How a trial stands. */
#[OA\Schema(
    schema: 'TrialStanding',
    additionalProperties: false,
    required: ['outcome', 'bites_a', 'bites_b', 'pairs', 'next_block', 'next_is_a', 'words'],
)]
final readonly class TrialStandingDocument
{
    public function __construct(
        #[OA\Property(type: 'string', enum: TrialOutcome::class)]
        public TrialOutcome $outcome,
        #[OA\Property]
        public int $bites_a,
        #[OA\Property]
        public int $bites_b,
        #[OA\Property(description: 'Pairs of blocks fished to the end; only these count.')]
        public int $pairs,
        #[OA\Property(nullable: true, description: 'The block to fish next, from 0; null where it is over.')]
        public ?int $next_block,
        #[OA\Property]
        public bool $next_is_a,
        #[OA\Property]
        public string $words,
    ) {
    }
}
