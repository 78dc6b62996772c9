<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Bench\Mark;
use Kontrast\Bench\Ranked;
use Kontrast\Material\Part;
use OpenApi\Attributes as OA;

/** A build of the bin with its score and what it lacks. */
#[OA\Schema(schema: 'Ranked', additionalProperties: false, required: ['parts', 'build', 'look_parts', 'score', 'lacks'])]
final readonly class RankedDocument
{
    private const MOST_LACKS = 4;

    /**
     * @param list<PartDocument> $look_parts
     * @param list<MarkDocument> $lacks
     */
    public function __construct(
        #[OA\Property(ref: CompositionDocument::class)]
        public CompositionDocument $parts,
        #[OA\Property(ref: BuildDocument::class)]
        public BuildDocument $build,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PartDocument::class))]
        public array $look_parts,
        #[OA\Property]
        public float $score,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MarkDocument::class), description: 'The largest losses first.')]
        public array $lacks,
    ) {
    }

    /** @param array<string, OwnedPartDocument> $owned */
    public static function of(Ranked $ranked, array $owned): self
    {
        return new self(
            CompositionDocument::of($ranked->build, $owned),
            BuildDocument::of($ranked->build->inWords()),
            array_map(static fn (Part $part): PartDocument => PartDocument::of($part), $ranked->build->asLightMeetsThem()),
            BenchDocument::score($ranked->marks->points, $ranked->marks->most()),
            array_map(static fn (Mark $mark): MarkDocument => MarkDocument::of($mark), \array_slice($ranked->lacks(), 0, self::MOST_LACKS)),
        );
    }
}
