<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use OpenApi\Attributes as OA;

/** A reading asked over again. */
#[OA\Schema(schema: 'Chart', additionalProperties: false)]
final readonly class ChartDocument
{
    /** @param list<ChartCellDocument> $cells */
    public function __construct(
        #[OA\Property(description: 'By visibility, in it by sky, in it by lure, in it by forage, each in the order asked.')]
        public array $cells,
    ) {
    }
}
