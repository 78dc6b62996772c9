<?php

declare(strict_types=1);

namespace App\Contract\Scoring;

use App\Contract\Advice\BuildDocument;
use App\Contract\Inventory\CompositionDocument;
use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Look\LookPartDocument;
use Kontrast\Material\OpticalPart;
use Kontrast\Scoring\RankedBuild;
use Kontrast\Scoring\ScoreExplainer;
use Kontrast\Scoring\TraitScore;
use OpenApi\Attributes as OA;

/** A build of the bin with its score and what it lacks. */
#[OA\Schema(schema: 'RankedBuild', additionalProperties: false)]
final readonly class RankedBuildDocument
{
    private const MOST_LACKS = 4;

    /**
     * @param list<LookPartDocument> $look_parts
     * @param list<TraitScoreDocument> $lacks
     */
    public function __construct(
        public CompositionDocument $parts,
        public BuildDocument $build,
        public array $look_parts,
        public float $score,
        #[OA\Property(description: 'The largest losses first.')]
        public array $lacks,
    ) {
    }

    /** @param array<string, InventoryPartDocument> $owned */
    public static function of(RankedBuild $ranked, ScoreExplainer $explainer, array $owned): self
    {
        return new self(
            CompositionDocument::of($ranked->build, $owned),
            BuildDocument::of($ranked->build->inWords()),
            array_map(static fn (OpticalPart $part): LookPartDocument => LookPartDocument::of($part), $ranked->build->asLightMeetsThem()),
            BenchDocument::score($ranked->scores->points, $ranked->scores->most()),
            array_map(
                static fn (TraitScore $lack): TraitScoreDocument => TraitScoreDocument::of(
                    $lack,
                    $explainer->because($lack->trait, $ranked->build),
                ),
                \array_slice($ranked->lacks(), 0, self::MOST_LACKS),
            ),
        );
    }
}
