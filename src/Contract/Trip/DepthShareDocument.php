<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Constraint\Above;
use Kontrast\Reading\ReadingBounds;
use OpenApi\Attributes as OA;

/** How much of the day is fished how deep; shares are taken relative to each other. */
#[OA\Schema(schema: 'DepthShare', additionalProperties: false)]
final readonly class DepthShareDocument
{
    public function __construct(
        #[Above(0, ReadingBounds::MOST_DEPTH_FT, 'Depth', 'ft')]
        public float $depth_ft,
        #[Above(0, 1, 'A share')]
        public float $share = 1.0,
    ) {
    }
}
