<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use Kontrast\Reading\Sky;
use OpenApi\Attributes as OA;

/** The light of a quarter hour under one sky that may be overhead. */
#[OA\Schema(schema: 'Light', additionalProperties: false)]
final readonly class LightDocument
{
    public function __construct(
        public string $at,
        public Sky $overhead,
        public float $chance,
        #[OA\Property(description: 'The sky of the reading: low sun and night by the sun’s height.')]
        public Sky $sky,
        #[OA\Property(description: 'At the depth fished, in the likely visibility.')]
        public float $lux_at_lure,
    ) {
    }
}
