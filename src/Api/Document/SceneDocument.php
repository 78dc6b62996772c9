<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Eye\Fading;
use Kontrast\Eye\Pair;
use Kontrast\Eye\ReducedPart;
use Kontrast\Measure\Length;
use OpenApi\Attributes as OA;

/** A look followed out over distance: figures, contrasts for a plot, and colours for a screen. */
#[OA\Schema(schema: 'Scene', additionalProperties: false, required: ['look', 'water_person', 'water_bass', 'distances_in', 'left', 'parts', 'pairs'])]
final readonly class SceneDocument
{
    /**
     * @param list<float>              $distances_in
     * @param list<float>              $left
     * @param list<FadedPartDocument>  $parts
     * @param list<FadedPairDocument>  $pairs
     */
    public function __construct(
        #[OA\Property(ref: LookDocument::class)]
        public LookDocument $look,
        #[OA\Property(description: 'The water behind, as a person would see it, "#rrggbb".')]
        public string $water_person,
        #[OA\Property(description: 'The same for two cones, approximately.')]
        public string $water_bass,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))]
        public array $distances_in,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'), description: 'How much of a detail the water leaves at each distance, 1 to 0.')]
        public array $left,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FadedPartDocument::class))]
        public array $parts,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FadedPairDocument::class))]
        public array $pairs,
    ) {
    }

    public static function of(Fading $fading): self
    {
        $look = LookDocument::of(
            $fading->gaze,
            array_map(static fn (array $faded): ReducedPart => $faded['part'], $fading->parts),
            array_map(static fn (array $faded): Pair => $faded['pair'], $fading->pairs),
        );

        return new self(
            $look,
            $fading->waterForPerson,
            $fading->waterForBass,
            array_map(static fn (Length $distance): float => Figure::of($distance->inInches()), $fading->distances),
            Figure::all($fading->left),
            array_map(static fn (array $faded): FadedPartDocument => new FadedPartDocument(
                $faded['part']->part->id,
                $faded['person'],
                $faded['bass'],
                Figure::all($faded['contrast']),
                null === $faded['flash'] ? null : Figure::all($faded['flash']),
            ), $fading->parts),
            array_map(static fn (array $faded): FadedPairDocument => new FadedPairDocument($faded['pair']->a->part->id, $faded['pair']->b->part->id, Figure::all($faded['jnd'])), $fading->pairs),
        );
    }
}
