<?php

declare(strict_types=1);

namespace App\Contract\Look;

use Kontrast\Vision\Viewing;
use OpenApi\Attributes as OA;

/** The water of a look, its means weighted by the light there and the eye. */
#[OA\Schema(schema: 'LookWater', additionalProperties: false)]
final readonly class LookWaterDocument
{
    public function __construct(
        public float $beam_c_per_m,
        public float $kd_per_m,
        public float $lux_at_lure,
        #[OA\Property(description: 'False below 1 lux at the lure: only light and dark matter.')]
        public bool $colour_vision,
    ) {
    }

    public static function of(Viewing $viewing): self
    {
        return new self(
            SignificantDigits::round($viewing->scene->water->beamAttenuation),
            SignificantDigits::round($viewing->scene->water->diffuseAttenuation),
            SignificantDigits::round($viewing->scene->light->lux()),
            $viewing->colour,
        );
    }
}
