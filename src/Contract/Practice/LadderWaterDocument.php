<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use App\Contract\Outing\DrawnBuildDocument;
use App\Contract\Reading\ReadingDocument;
use OpenApi\Attributes as OA;

/** A water of a first lesson, what is tied in it, and why. */
#[OA\Schema(schema: 'LadderWater', additionalProperties: false)]
final readonly class LadderWaterDocument
{
    /** @param list<string> $facts */
    public function __construct(
        public ReadingDocument $reading,
        public WaterColumnDocument $column,
        public DrawnBuildDocument $lure,
        #[OA\Property(description: 'What the pick comes to.')]
        public string $value,
        public string $because,
        public array $facts,
    ) {
    }
}
