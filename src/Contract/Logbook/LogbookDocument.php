<?php

declare(strict_types=1);

namespace App\Contract\Logbook;

use App\Contract\Constraint\Between;
use App\Contract\Inventory\ColourNameDocument;
use App\Contract\Outing\OutingDocument;
use App\Contract\Outing\SavedTrialDocument;
use App\Contract\Reading\CurrentReadingDocument;
use App\Contract\Reading\SavedReadingDocument;
use App\Contract\Reading\WaterDocument;
use App\Contract\Trip\SavedTripDocument;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** Waters, readings, builds, trips, outings and trials to take in or to carry away, in the program's own open format. */
#[OA\Schema(schema: 'Logbook', additionalProperties: false)]
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
     * @param list<ColourNameDocument> $names
     */
    public function __construct(
        #[Assert\Valid]
        public array $waters,
        #[Assert\Valid]
        public array $readings,
        #[Assert\Valid]
        public ?CurrentReadingDocument $desk = null,
        #[Assert\Valid]
        public array $builds = [],
        #[Assert\Valid]
        public array $trips = [],
        #[Assert\Valid]
        public array $outings = [],
        #[Assert\Valid]
        public array $trials = [],
        #[OA\Property(
            description: 'The shape of each kind of document when this was written; those of an older one are brought up to date.',
        )]
        #[Assert\All([new Between(1, self::MOST_SHAPE, 'A shape')])]
        public ?array $shapes = null,
        #[OA\Property(description: 'Names of one’s own for the colors of parts.')]
        #[Assert\Valid]
        public array $names = [],
    ) {
    }
}
