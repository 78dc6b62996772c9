<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Constraint\Between;
use Kontrast\Trip\TripPlan;
use OpenApi\Attributes as OA;

/** How many lures and trailers to carry. */
#[OA\Schema(schema: 'Carry', additionalProperties: false, required: ['lures', 'trailers'])]
final readonly class CarryDocument
{
    public function __construct(
        #[Between(1, TripPlan::MOST_LURES, 'The number of lures')]
        public int $lures = 4,
        #[Between(0, TripPlan::MOST_TRAILERS, 'The number of trailers')]
        public int $trailers = 6,
        #[OA\Property(description: 'At least so many kinds of lure. If left out: as many as are worth it.')]
        #[Between(0, TripPlan::MOST_KINDS, 'The number of kinds')]
        public int $kinds = 0,
    ) {
    }
}
