<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use OpenApi\Attributes as OA;

/** What each part can come to at most, of the 100 of a whole lure. */
#[OA\Schema(schema: 'Most', additionalProperties: false)]
final readonly class MostDocument
{
    public function __construct(public float $head, public float $blade, public float $skirt, public float $trailer)
    {
    }
}
