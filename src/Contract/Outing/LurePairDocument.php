<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use App\Contract\Inventory\CompositionDocument;
use OpenApi\Attributes as OA;

/** Two lures that differ in what is asked, as they were last fished: what a fair trial compares. */
#[OA\Schema(schema: 'LurePair', additionalProperties: false)]
final readonly class LurePairDocument
{
    public function __construct(
        #[OA\Property(description: 'Null where no such lure was fished.')]
        public ?CompositionDocument $a,
        public ?CompositionDocument $b,
    ) {
    }
}
