<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use Kontrast\Logbook\TrialOutcome;
use OpenApi\Attributes as OA;

/** How a trial stands. */
#[OA\Schema(
    schema: 'TrialStanding',
    additionalProperties: false,
)]
final readonly class TrialStandingDocument
{
    public function __construct(
        public TrialOutcome $outcome,
        public int $bites_a,
        public int $bites_b,
        #[OA\Property(description: 'Pairs of blocks fished to the end; only these count.')]
        public int $pairs,
        #[OA\Property(description: 'The block to fish next, from 0; null where it is over.')]
        public ?int $next_block,
        public bool $next_is_a,
        public string $words,
    ) {
    }
}
