<?php

declare(strict_types=1);

namespace App\Contract\Scoring;

use App\Contract\Advice\BuildDocument;
use App\Contract\Look\LookPartDocument;
use App\Contract\Look\SceneDocument;
use Kontrast\Inventory\Composition;
use Kontrast\Material\BuildOptics;
use Kontrast\Material\OpticalPart;
use Kontrast\Scoring\BuildFindings;
use Kontrast\Scoring\BuildScorer;
use Kontrast\Scoring\Finding;
use Kontrast\Scoring\ScoreExplainer;
use Kontrast\Scoring\TraitScore;
use Kontrast\Vision\ContrastCurves;
use Kontrast\Vision\Viewing;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;
use OpenApi\Attributes as OA;

/** A build on the bench: in words and lengths, in its own colours, and judged. */
#[OA\Schema(schema: 'Bench', additionalProperties: false)]
final readonly class BenchDocument
{
    /**
     * @param list<LookPartDocument>    $look_parts
     * @param list<TraitScoreDocument>    $marks
     * @param list<FindingDocument> $findings
     */
    public function __construct(
        public BuildDocument $build,
        #[OA\Property(description: 'Its parts as input for /api/look.')]
        public array $look_parts,
        #[OA\Property(minimum: 0, maximum: 100, description: 'Out of 100.')]
        public float $score,
        public array $marks,
        public array $findings,
        #[OA\Property(description: 'How the build looks at each distance.')]
        public SceneDocument $scene,
    ) {
    }

    public static function of(Composition $build, BuildScorer $scorer, Direction $from): self
    {
        $scores = $scorer->measure($build);
        $explainer = new ScoreExplainer($scorer);
        $parts = $build->asLightMeetsThem();
        $viewing = Direction::Side === $from
            ? $scorer->viewing
            : Viewing::in(Scene::of($scorer->reading, $from), $scorer->viewing->reflectances);

        return new self(
            BuildDocument::of($build->inWords()),
            array_map(static fn (OpticalPart $part): LookPartDocument => LookPartDocument::of($part), $parts),
            self::score($scores->points, $scores->most()),
            array_map(
                static fn (TraitScore $score): TraitScoreDocument => TraitScoreDocument::of(
                    $score,
                    $explainer->because($score->trait, $build),
                ),
                $scores->scores,
            ),
            array_map(
                static fn (Finding $finding): FindingDocument => FindingDocument::of($finding),
                (new BuildFindings($scorer))->find($build),
            ),
            SceneDocument::of(
                ContrastCurves::of($viewing, $scorer->reading, $parts, BuildOptics::pairs($parts, $viewing->scene->from)),
            ),
        );
    }

    public static function score(int $points, int $most): float
    {
        return 0 === $most ? 0.0 : round(100 * $points / $most, 1);
    }
}
