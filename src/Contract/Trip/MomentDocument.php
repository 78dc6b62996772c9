<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Advice\AdviceViewDocument;
use Kontrast\Reading\Sky;
use OpenApi\Attributes as OA;

/** A minute of a trip: its light, and the advised lure in it. */
#[OA\Schema(schema: 'Moment', additionalProperties: false)]
final readonly class MomentDocument
{
    public function __construct(
        public string $at,
        #[OA\Property(description: 'Height of the sun, degrees; negative under the horizon.')]
        public float $sun_deg,
        #[OA\Property(description: 'The sky of a reading then: low sun, night.')]
        public Sky $sky,
        public float $lux_at_lure,
        public AdviceViewDocument $view,
    ) {
    }
}
