<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Bench\Finding;
use Kontrast\Bench\Mark;
use Kontrast\Bench\Verdicts;
use Kontrast\Bench\Yardstick;
use Kontrast\Bin\Composition;
use Kontrast\Eye\Fading;
use Kontrast\Material\Part;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;
use OpenApi\Attributes as OA;

/** A build on the bench: in words and lengths, in its own colours, and judged. */
#[OA\Schema(schema: 'Bench', additionalProperties: false, required: ['build', 'look_parts', 'score', 'marks', 'findings', 'scene'])]
final readonly class BenchDocument
{
    /** Trailer against skirt, blade against skirt, and each first accent against its base; those a build lacks are left out. */
    private const PAIRS = [['skirt.0', 'trailer.0'], ['skirt.0', 'blade.rear'], ['skirt.0', 'skirt.1'], ['trailer.0', 'trailer.1']];

    /**
     * @param list<PartDocument>    $look_parts
     * @param list<MarkDocument>    $marks
     * @param list<FindingDocument> $findings
     */
    public function __construct(
        #[OA\Property(ref: BuildDocument::class)]
        public BuildDocument $build,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PartDocument::class), description: 'Its parts as a look takes them.')]
        public array $look_parts,
        #[OA\Property(minimum: 0, maximum: 100, description: 'Of a hundred.')]
        public float $score,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MarkDocument::class))]
        public array $marks,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FindingDocument::class))]
        public array $findings,
        #[OA\Property(ref: SceneDocument::class, description: 'The build followed out over distance.')]
        public SceneDocument $scene,
    ) {
    }

    public static function of(Composition $build, Yardstick $yardstick, Direction $from): self
    {
        $marks = $yardstick->measure($build);
        $parts = $build->asLightMeetsThem();
        $scene = Direction::Side === $from ? $yardstick->gaze->scene : Scene::of($yardstick->reading, $from);

        return new self(
            BuildDocument::of($build->inWords()),
            array_map(static fn (Part $part): PartDocument => PartDocument::of($part), $parts),
            self::score($marks->points, $marks->most()),
            array_map(static fn (Mark $mark): MarkDocument => MarkDocument::of($mark), $marks->marks),
            array_map(static fn (Finding $finding): FindingDocument => FindingDocument::of($finding), (new Verdicts($yardstick))->on($build)),
            SceneDocument::of(Fading::of($scene, $yardstick->reading->visibility, $parts, self::PAIRS)),
        );
    }

    public static function score(int $points, int $most): float
    {
        return 0 === $most ? 0.0 : round(100 * $points / $most, 1);
    }
}
