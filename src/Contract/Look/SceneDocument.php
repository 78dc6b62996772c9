<?php

declare(strict_types=1);

namespace App\Contract\Look;

use Kontrast\Measure\Length;
use Kontrast\Vision\ContrastCurves;
use Kontrast\Vision\Pair;
use Kontrast\Vision\PartCurve;
use Kontrast\Vision\ReducedPart;
use OpenApi\Attributes as OA;

/** A look followed out over distance: figures, contrasts for a plot, and colours for a screen. */
#[OA\Schema(
    schema: 'Scene',
    additionalProperties: false,
)]
final readonly class SceneDocument
{
    /**
     * @param list<float>              $distances_in
     * @param list<GradientStopDocument> $gradient
     * @param list<float>              $left
     * @param list<float>              $blur_in
     * @param list<float>              $glow
     * @param list<PartCurveDocument>  $parts
     * @param list<PairCurveDocument>  $pairs
     */
    public function __construct(
        public LookDocument $look,
        #[OA\Property(description: 'The water behind, as a diver with used eyes would see it, "#rrggbb".')]
        public string $water_person,
        #[OA\Property(description: 'As a camera takes it that corrects nothing.')]
        public string $water_camera,
        #[OA\Property(description: 'The same for two cones, approximately.')]
        public string $water_bass,
        #[OA\Property(description: 'The water behind for two cones, with the exposure.')]
        public string $water_bass_exposed,
        #[OA\Property(
            description: 'How much brighter the exposed colors are, in stops (each doubles the light), so that the middle of '
                .'what is there looks like a gray card.',
        )]
        public float $exposure_stops,
        #[OA\Property(description: 'The water from the top of a picture down; from below, from the middle of the sky’s window outward.')]
        public array $gradient,
        #[OA\Property(description: 'How many specks drift in the picture.')]
        public int $specks,
        #[OA\Property(description: 'How steep the waves of the surface are, root mean square, in degrees.')]
        public float $waves_deg,
        public array $distances_in,
        #[OA\Property(description: 'How much of a detail the water leaves at each distance, 1 to 0.')]
        public array $left,
        #[OA\Property(description: 'How far the water blurs what is at each distance: the standard deviation, in inches of the lure.')]
        public array $blur_in,
        #[OA\Property(description: 'Share of a flash that is a glow about it, at each distance.')]
        public array $glow,
        public array $parts,
        public array $pairs,
    ) {
    }

    public static function of(ContrastCurves $curves): self
    {
        $eyes = $curves->eyes;
        $water = $eyes->see($curves->viewing->scene->background);

        return new self(
            LookDocument::of(
                $curves->viewing,
                array_map(static fn (PartCurve $curve): ReducedPart => $curve->part, $curves->parts),
                array_map(static fn (array $followed): Pair => $followed['pair'], $curves->pairs),
            ),
            $water->person->toHex(),
            $water->camera->toHex(),
            $water->bass->toHex(),
            $water->bassExposed->toHex(),
            $eyes->stops,
            array_map(
                static fn (array $row): GradientStopDocument => GradientStopDocument::of($row['angle'], $row['light'], $eyes),
                $curves->picture->gradient(),
            ),
            $curves->picture->specks(),
            SignificantDigits::round($curves->picture->waves()->inDegrees()),
            self::inches($curves->distances),
            SignificantDigits::all($curves->left),
            self::inches(array_map($curves->picture->blur(...), $curves->distances)),
            SignificantDigits::all(array_map($curves->picture->glow(...), $curves->distances)),
            array_map(PartCurveDocument::of(...), $curves->parts),
            array_map(
                static fn (array $followed): PairCurveDocument => new PairCurveDocument(
                    $followed['pair']->a->part->id,
                    $followed['pair']->b->part->id,
                    SignificantDigits::all($followed['jnd']),
                    $followed['separateToPerson'],
                    $followed['separateToBass'],
                ),
                $curves->pairs,
            ),
        );
    }

    /**
     * @param list<Length> $lengths
     *
     * @return list<float>
     */
    private static function inches(array $lengths): array
    {
        return array_map(static fn (Length $length): float => SignificantDigits::round($length->inInches()), $lengths);
    }
}
