<?php

declare(strict_types=1);

namespace App\Contract\Look;

use Kontrast\Material\PartPlace;
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
     * @param list<float>|null $flash
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
        public ?array $flash,
    ) {
    }
}
