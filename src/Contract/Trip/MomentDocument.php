<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Advice\AdviceViewDocument;
use Kontrast\Reading\Sky;
use OpenApi\Attributes as OA;

/** A minute of a trip: its light, and the advised lure in it. */
#[OA\Schema(schema: 'Moment', additionalProperties: false, required: ['at', 'sun_deg', 'sky', 'lux_at_lure', 'view'])]
final readonly class MomentDocument
{
    public function __construct(
        #[OA\Property]
        public string $at,
        #[OA\Property(description: 'Height of the sun, degrees; negative under the horizon.')]
        public float $sun_deg,
        #[OA\Property(type: 'string', enum: Sky::class, description: 'The sky of a reading then: low sun, night.')]
        public Sky $sky,
        #[OA\Property]
        public float $lux_at_lure,
        #[OA\Property(ref: AdviceViewDocument::class)]
        public AdviceViewDocument $view,
    ) {
    }
}
