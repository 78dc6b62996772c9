<?php

declare(strict_types=1);

namespace App\Contract\Look;

use Kontrast\Measure\Length;
use Kontrast\Vision\ContrastCurves;
use Kontrast\Vision\Pair;
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
     * @param list<float>              $left
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
        public array $distances_in,
        #[OA\Property(description: 'How much of a detail the water leaves at each distance, 1 to 0.')]
        public array $left,
        public array $parts,
        public array $pairs,
    ) {
    }

    public static function of(ContrastCurves $curves): self
    {
        $look = LookDocument::of(
            $curves->viewing,
            array_map(static fn (array $traced): ReducedPart => $traced['part'], $curves->parts),
            array_map(static fn (array $traced): Pair => $traced['pair'], $curves->pairs),
        );

        $water = $curves->viewing->scene->background;
        $exposed = $curves->screen->brighter($curves->stops);

        return new self(
            $look,
            $curves->person->see($water)->toHex(),
            $curves->camera->see($water)->toHex(),
            $curves->screen->bass($water)->toHex(),
            $exposed->bass($water)->toHex(),
            $curves->stops,
            array_map(static fn (Length $distance): float => SignificantDigits::round($distance->inInches()), $curves->distances),
            SignificantDigits::all($curves->left),
            array_map(static fn (array $traced): PartCurveDocument => new PartCurveDocument(
                $traced['part']->part->id,
                $traced['part']->part->place,
                $traced['part']->part->layer,
                $traced['person'],
                $traced['camera'],
                $traced['bass'],
                $traced['bassExposed'],
                $traced['visibleToPerson'],
                $traced['visibleToBass'],
                SignificantDigits::all($traced['contrast']),
                null === $traced['flash'] ? null : SignificantDigits::all($traced['flash']),
            ), $curves->parts),
            array_map(
                static fn (array $traced): PairCurveDocument => new PairCurveDocument(
                    $traced['pair']->a->part->id,
                    $traced['pair']->b->part->id,
                    SignificantDigits::all($traced['jnd']),
                    $traced['separateToPerson'],
                    $traced['separateToBass'],
                ),
                $curves->pairs,
            ),
        );
    }
}
