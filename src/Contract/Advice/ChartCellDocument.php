<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\LureKind;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Sky;
use OpenApi\Attributes as OA;

/** One water of a chart, and what to tie there. */
#[OA\Schema(schema: 'ChartCell', additionalProperties: false)]
final readonly class ChartCellDocument
{
    public function __construct(
        public float $visibility_in,
        public Sky $sky,
        public LureKind $lure,
        public Forage $forage,
        public ChartPicksDocument $advice,
    ) {
    }
}
