<?php

declare(strict_types=1);

namespace App\Contract\Look;

use Kontrast\Material\PartPlace;
use Kontrast\Material\Srgb;
use Kontrast\Vision\PartCurve;
use Kontrast\Vision\Shown;
use OpenApi\Attributes as OA;

/** A part over distance: one value for each distance of the scene. */
#[OA\Schema(schema: 'PartCurve', additionalProperties: false)]
final readonly class PartCurveDocument
{
    /**
     * @param list<string>     $person
     * @param list<string>     $camera
     * @param list<string>     $bass
     * @param list<string>     $bass_exposed
     * @param list<bool>       $visible_person
     * @param list<bool>       $visible_bass
     * @param list<float>      $contrast
     * @param list<float>|null $flash_contrast
     * @param list<ToneDocument> $tones
     * @param list<string>|null  $turn
     */
    public function __construct(
        public string $id,
        #[OA\Property(description: 'Where it is on a lure.')]
        public ?PartPlace $place,
        #[OA\Property(description: '0 for the base color, 1 and on for accents.')]
        public int $layer,
        public array $person,
        #[OA\Property(description: 'As a camera takes it that corrects nothing.')]
        public array $camera,
        public array $bass,
        #[OA\Property(description: 'Brighter by the stops of the scene.')]
        public array $bass_exposed,
        #[OA\Property(description: 'Whether a person sees it.')]
        public array $visible_person,
        #[OA\Property(description: 'Whether a bass does.')]
        public array $visible_bass,
        public array $contrast,
        #[OA\Property(description: 'At a flash; null for what does not shine.')]
        public ?array $flash_contrast,
        #[OA\Property(description: 'Its light on top, in the middle and underneath.', minItems: 3, maxItems: 3)]
        public array $tones,
        #[OA\Property(description: 'A blade at the eye, as a person sees it, at twelve angles within a quarter turn from its flash on.')]
        public ?array $turn,
        public ?FlashDocument $flash,
    ) {
    }

    public static function of(PartCurve $curve): self
    {
        $part = $curve->part->part;
        $colours = static fn (callable $of): array => ToneDocument::colours($curve->shown, $of);

        return new self(
            $part->id,
            $part->place,
            $part->layer,
            $colours(static fn (Shown $one): Srgb => $one->person),
            $colours(static fn (Shown $one): Srgb => $one->camera),
            $colours(static fn (Shown $one): Srgb => $one->bass),
            $colours(static fn (Shown $one): Srgb => $one->bassExposed),
            $curve->visibleToPerson,
            $curve->visibleToBass,
            SignificantDigits::all($curve->contrast),
            null === $curve->flashContrast ? null : SignificantDigits::all($curve->flashContrast),
            array_map(ToneDocument::of(...), $curve->tones),
            null === $curve->turn ? null : ToneDocument::colours($curve->turn, static fn (Shown $one): Srgb => $one->person),
            null === $curve->flash ? null : FlashDocument::of($curve->flash),
        );
    }
}
