<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use OpenApi\Attributes as OA;

/** A guess of a visibility, over the truth. */
#[OA\Schema(schema: 'SightError', additionalProperties: false)]
final readonly class SightErrorDocument
{
    public function __construct(public \DateTimeImmutable $at, public float $ratio)
    {
    }
}
