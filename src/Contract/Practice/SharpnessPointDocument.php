<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use OpenApi\Attributes as OA;

/** A point of the curve of an eye. */
#[OA\Schema(schema: 'SharpnessPoint', additionalProperties: false)]
final readonly class SharpnessPointDocument
{
    public function __construct(public float $ratio, public float $share)
    {
    }
}
