<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use Kontrast\Logbook\Certainty;
use Kontrast\Logbook\SchoolEvidence;
use Kontrast\Rulebook\SchoolQuestion;
use OpenApi\Attributes as OA;

/** What the notes say for one school on one question. */
#[OA\Schema(schema: 'SchoolEvidence', additionalProperties: false)]
final readonly class SchoolEvidenceDocument
{
    public function __construct(
        public SchoolQuestion $question,
        public string $school,
        #[OA\Property(description: 'Fished as it would have tied, where the schools part.')]
        public float $hours,
        public int $bites,
        #[OA\Property(description: 'Bites an hour, set right for water and light.')]
        public float $rate_per_hour,
        public float $low,
        public float $high,
        public float $probability_best,
        #[OA\Property(description: 'The same in words: never surer than its hours.')]
        public string $sure,
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
            round(min(0.999, $evidence->chance), 4),
            Certainty::words($evidence->chance, $evidence->hours),
        );
    }
}
