<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use App\Contract\Reading\ReadingDocument;
use Kontrast\Practice\Sighting;
use Kontrast\Practice\Verdict;
use Kontrast\Vision\Band;
use Kontrast\Vision\Viewing;
use OpenApi\Attributes as OA;

/** Two lures in one water, of which one is seen from farther, or one lure, whose skirt and trailer read as one or as two. */
#[OA\Schema(schema: 'Sighting', additionalProperties: false)]
final readonly class SightingDocument
{
    /**
     * @param list<DrawnLureDocument> $lures
     * @param list<list<float>>       $spans_in
     */
    public function __construct(
        public string $id,
        public ReadingDocument $reading,
        #[OA\Property(minItems: 1, maxItems: 2)]
        public array $lures,
        #[OA\Property(description: 'How far each lure is visible, from and to; of one alone, how far its skirt and trailer read as two.')]
        public array $spans_in,
        public Verdict $right,
        public float $ratio,
        #[OA\Property(description: 'How far away it is looked at.')]
        public float $distance_in,
    ) {
    }

    public static function of(Sighting $sighting, Viewing $viewing, float $distance): self
    {
        $span = static fn (Band $band): array => [round($band->least->inInches(), 1), round($band->most->inInches(), 1)];

        return new self(
            $sighting->id,
            ReadingDocument::of($sighting->reading),
            [
                DrawnLureDocument::of($sighting->a, $sighting->reading, $viewing),
                ...(null === $sighting->b ? [] : [DrawnLureDocument::of($sighting->b, $sighting->reading, $viewing)]),
            ],
            [$span($sighting->spanA), ...(null === $sighting->spanB ? [] : [$span($sighting->spanB)])],
            $sighting->right,
            round($sighting->ratio, 2),
            round($distance, 1),
        );
    }
}
