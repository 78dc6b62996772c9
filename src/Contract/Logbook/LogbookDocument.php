<?php

declare(strict_types=1);

namespace App\Contract\Logbook;

use App\Contract\Constraint\Between;
use App\Contract\Outing\OutingDocument;
use App\Contract\Outing\SavedTrialDocument;
use App\Contract\Reading\CurrentReadingDocument;
use App\Contract\Reading\SavedReadingDocument;
use App\Contract\Reading\WaterDocument;
use App\Contract\Trip\SavedTripDocument;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** Waters, readings, builds, trips, outings and trials to take in or to carry away, in the program's own open format. */
#[OA\Schema(schema: 'Logbook', additionalProperties: false, required: ['waters', 'readings'])]
final readonly class LogbookDocument
{
    private const MOST_SHAPE = 1000;

    /**
     * @param list<WaterDocument> $waters
     * @param list<SavedReadingDocument> $readings
     * @param list<SavedBuildDocument> $builds
     * @param list<SavedTripDocument> $trips
     * @param list<OutingDocument> $outings
     * @param list<SavedTrialDocument> $trials
     * @param array<string, int>|null  $shapes
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: WaterDocument::class))]
        #[Assert\Valid]
        public array $waters,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SavedReadingDocument::class))]
        #[Assert\Valid]
        public array $readings,
        #[OA\Property(ref: CurrentReadingDocument::class, nullable: true)]
        #[Assert\Valid]
        public ?CurrentReadingDocument $desk = null,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SavedBuildDocument::class))]
        #[Assert\Valid]
        public array $builds = [],
        #[OA\Property(type: 'array', items: new OA\Items(ref: SavedTripDocument::class))]
        #[Assert\Valid]
        public array $trips = [],
        #[OA\Property(type: 'array', items: new OA\Items(ref: OutingDocument::class))]
        #[Assert\Valid]
        public array $outings = [],
        #[OA\Property(type: 'array', items: new OA\Items(ref: SavedTrialDocument::class))]
        #[Assert\Valid]
        public array $trials = [],
        #[OA\Property(
            type: 'object',
            nullable: true,
            additionalProperties: new OA\AdditionalProperties(type: 'integer'),
            description: 'The shape of each kind of document when this was written; those of an older one are brought up to date.',
        )]
        #[Assert\All([new Between(1, self::MOST_SHAPE, 'A shape')])]
        public ?array $shapes = null,
    ) {
    }
}
