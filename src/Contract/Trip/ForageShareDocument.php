<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Constraint\Above;
use Kontrast\Reading\Forage;
use OpenApi\Attributes as OA;

/** How much of the day they eat what; shares are taken relative to each other. */
#[OA\Schema(schema: 'ForageShare', additionalProperties: false)]
final readonly class ForageShareDocument
{
    public function __construct(
        public Forage $forage,
        #[Above(0, 1, 'A share')]
        public float $share,
    ) {
    }
}
