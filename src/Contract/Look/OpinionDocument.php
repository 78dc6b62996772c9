<?php

declare(strict_types=1);

namespace App\Contract\Look;

use Kontrast\Scoring\Candidate;
use Kontrast\Scoring\Opinion;
use Kontrast\Scoring\Verdict;
use OpenApi\Attributes as OA;

/** What the model says of one advised pick and of the next two. */
#[OA\Schema(schema: 'Opinion', additionalProperties: false)]
final readonly class OpinionDocument
{
    /** @param list<CandidateDocument> $candidates */
    public function __construct(
        public string $pick,
        public Verdict $verdict,
        public string $because,
        public array $candidates,
    ) {
    }

    public static function of(Opinion $opinion): self
    {
        return new self(
            $opinion->pick,
            $opinion->verdict,
            $opinion->because,
            array_map(
                static fn (Candidate $candidate): CandidateDocument => new CandidateDocument(
                    $candidate->value,
                    SignificantDigits::round($candidate->figure),
                    $candidate->reads,
                    SensitivityDocument::inches($candidate->span),
                ),
                $opinion->candidates,
            ),
        );
    }
}
