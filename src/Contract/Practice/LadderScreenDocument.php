<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use OpenApi\Attributes as OA;

/** One screen of a first lesson: one water, or two that call for the opposite. */
#[OA\Schema(schema: 'LadderScreen', additionalProperties: false)]
final readonly class LadderScreenDocument
{
    /** @param list<LadderWaterDocument> $waters */
    public function __construct(#[OA\Property(minItems: 1)] public array $waters)
    {
    }
}
