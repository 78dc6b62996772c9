<?php

declare(strict_types=1);

namespace App\Contract\Scoring;

use App\Contract\Inventory\CompositionDocument;
use OpenApi\Attributes as OA;

/** The advised lure as parts. A part without an id is generic: nobody owns it yet. */
#[OA\Schema(schema: 'AdvisedBuild', additionalProperties: false)]
final readonly class AdvisedBuildDocument
{
    public function __construct(
        #[OA\Property(description: 'Of owned parts that do nearly as well, else of generic ones.')]
        public CompositionDocument $build,
        #[OA\Property(description: 'Of generic parts alone, exactly as advised.')]
        public CompositionDocument $generic,
    ) {
    }
}
