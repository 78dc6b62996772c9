<?php

declare(strict_types=1);

namespace App\Contract\Look;

use OpenApi\Attributes as OA;

/** A candidate of a second opinion, the advised one first. */
#[OA\Schema(schema: 'Candidate', additionalProperties: false)]
final readonly class CandidateDocument
{
    /** @param list<float>|null $span_in */
    public function __construct(
        public string $value,
        #[OA\Property(
            description: 'Visible range in inches for a finish, when it flashes if it is metal; JND at the judging distance for a pairing.',
        )]
        public float $figure,
        #[OA\Property(description: 'How a pair looks; empty for a finish.')]
        public string $reads,
        #[OA\Property(description: 'The uncertainty of the visible range of a finish; null for a pairing.', minItems: 2, maxItems: 2)]
        public ?array $span_in,
    ) {
    }
}
