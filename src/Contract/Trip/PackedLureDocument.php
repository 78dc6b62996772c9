<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Inventory\CompositionDocument;
use App\Contract\Outing\DrawnBuildDocument;
use OpenApi\Attributes as OA;

/** A lure as it may be tied of what is carried, with what it is drawn of. */
#[OA\Schema(schema: 'PackedLure', additionalProperties: false)]
final readonly class PackedLureDocument
{
    public function __construct(
        public CompositionDocument $parts,
        public DrawnBuildDocument $drawn,
    ) {
    }
}
