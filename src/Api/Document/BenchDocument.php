<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Bench\Finding;
use Kontrast\Bench\Mark;
use Kontrast\Bench\Verdicts;
use Kontrast\Bench\Yardstick;
use Kontrast\Bin\Composition;
use Kontrast\Material\Part;
use OpenApi\Attributes as OA;

/** A build on the bench: in words and lengths, in its own colours, and judged. */
#[OA\Schema(schema: 'Bench', additionalProperties: false, required: ['build', 'look_parts', 'score', 'marks', 'findings'])]
final readonly class BenchDocument
{
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
    ) {
    }

    public static function of(Composition $build, Yardstick $yardstick): self
    {
        $marks = $yardstick->measure($build);

        return new self(
            BuildDocument::of($build->inWords()),
            array_map(static fn (Part $part): PartDocument => PartDocument::of($part), $build->asLightMeetsThem()),
            self::score($marks->points, $marks->most()),
            array_map(static fn (Mark $mark): MarkDocument => MarkDocument::of($mark), $marks->marks),
            array_map(static fn (Finding $finding): FindingDocument => FindingDocument::of($finding), (new Verdicts($yardstick))->on($build)),
        );
    }

    public static function score(int $points, int $most): float
    {
        return 0 === $most ? 0.0 : round(100 * $points / $most, 1);
    }
}
