<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use Kontrast\Logbook\SchoolEvidence;
use Kontrast\Rulebook\SchoolQuestion;
use OpenApi\Attributes as OA;

/** What the notes say for one school on one question. */
#[OA\Schema(schema: 'SchoolEvidence', additionalProperties: false, required: [
    'question', 'school', 'hours', 'bites', 'rate_per_hour', 'low', 'high', 'probability_best',
])]
final readonly class SchoolEvidenceDocument
{
    public function __construct(
        #[OA\Property(type: 'string', enum: SchoolQuestion::class)]
        public SchoolQuestion $question,
        #[OA\Property]
        public string $school,
        #[OA\Property(description: 'Fished as it would have tied, where the schools part.')]
        public float $hours,
        #[OA\Property]
        public int $bites,
        #[OA\Property(description: 'Bites an hour, set right for water and light.')]
        public float $rate_per_hour,
        #[OA\Property]
        public float $low,
        #[OA\Property]
        public float $high,
        #[OA\Property]
        public float $probability_best,
    ) {
    }

    public static function of(SchoolEvidence $evidence): self
    {
        [$low, $high] = $evidence->rate->interval();

        return new self(
            $evidence->question,
            (string) $evidence->school->value,
            round($evidence->hours, 2),
            $evidence->bites,
            round($evidence->rate->mean(), 3),
            round($low, 3),
            round($high, 3),
            round($evidence->chance, 4),
        );
    }
}
