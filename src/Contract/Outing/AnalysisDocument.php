<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use Kontrast\Logbook\Analysis;
use Kontrast\Logbook\LevelRate;
use Kontrast\Logbook\SchoolEvidence;
use OpenApi\Attributes as OA;

/** What the notes show, and how surely. */
#[OA\Schema(schema: 'Analysis', additionalProperties: false)]
final readonly class AnalysisDocument
{
    /**
     * @param list<LevelRateDocument>      $rates
     * @param list<EffectDocument>         $effects
     * @param list<SchoolEvidenceDocument> $schools
     * @param list<FishLengthDocument>     $lengths
     */
    public function __construct(
        #[OA\Property(description: 'With a lure in the water, of stints that have ended.')]
        public float $hours,
        #[OA\Property(description: 'Bites: felt, lost or landed.')]
        public int $events,
        #[OA\Property(description: 'Landed.')]
        public int $fish,
        #[OA\Property(description: 'Before anything was noted: as if so many bites had come …')]
        public float $prior_events,
        #[OA\Property(description: '… in so many hours.')]
        public float $prior_hours,
        #[OA\Property(
            description: 'How many times as much bites differ as chance alone would have it, because they come in flurries; 1 where no '
                .'more. All intervals allow for it.',
        )]
        public float $dispersion,
        public array $rates,
        #[OA\Property(description: 'The surest first.')]
        public array $effects,
        public array $schools,
        #[OA\Property(description: 'What the advice was worth to this angler.')]
        public AdviceWorthDocument $advice,
        public array $lengths,
    ) {
    }

    /** @param list<FishLengthDocument> $lengths */
    public static function of(Analysis $analysis, array $lengths): self
    {
        return new self(
            round($analysis->all->hours, 2),
            $analysis->all->bites,
            $analysis->all->fish,
            round($analysis->prior->bites, 3),
            $analysis->prior->hours,
            round($analysis->effects->dispersion(), 2),
            array_map(static fn (LevelRate $one): LevelRateDocument => LevelRateDocument::of($one), $analysis->rates),
            array_map(EffectDocument::of(...), $analysis->effects->all()),
            array_map(static fn (SchoolEvidence $one): SchoolEvidenceDocument => SchoolEvidenceDocument::of($one), $analysis->schools),
            AdviceWorthDocument::of($analysis->advice),
            $lengths,
        );
    }
}
