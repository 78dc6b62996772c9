<?php

declare(strict_types=1);

namespace App\Contract\Look;

use OpenApi\Attributes as OA;

/** A candidate of a second opinion, the advised one first. */
#[OA\Schema(schema: 'Candidate', additionalProperties: false, required: ['value', 'figure', 'reads'])]
final readonly class CandidateDocument
{
    public function __construct(
        #[OA\Property]
        public string $value,
        #[OA\Property(description: 'Sight range in inches for a finish, at a glint where it shines; JND at the judging distance for a '
            .'pairing.')]
        public float $figure,
        #[OA\Property(description: 'How a pair reads; empty for a finish.')]
        public string $reads,
    ) {
    }
}
