<?php

declare(strict_types=1);

namespace App\Contract\Look;

use Kontrast\Vision\BladesInMotion;
use Kontrast\Vision\Flash;
use OpenApi\Attributes as OA;

/** The light of blades that turn, at each distance of the scene. */
#[OA\Schema(schema: 'Motion', additionalProperties: false)]
final readonly class MotionDocument
{
    /**
     * @param list<int>                    $angles_deg
     * @param list<TurningPartDocument>    $parts
     */
    public function __construct(
        #[OA\Property(description: 'How far from its flash a blade is turned at each color, within a quarter turn.')]
        public array $angles_deg,
        #[OA\Property(description: 'How far a blade leans toward the light at its flash: its width is the cosine of its angle and this.')]
        public float $tilt_deg,
        public array $parts,
    ) {
    }

    public static function of(BladesInMotion $motion): self
    {
        return new self(
            Flash::ANGLES,
            SignificantDigits::round($motion->tilt->inDegrees()),
            array_map(TurningPartDocument::of(...), $motion->blades),
        );
    }
}
