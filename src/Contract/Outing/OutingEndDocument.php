<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use OpenApi\Attributes as OA;

/** When an outing ended. */
#[OA\Schema(schema: 'OutingEnd', additionalProperties: false)]
final readonly class OutingEndDocument
{
    public function __construct(
        public \DateTimeImmutable $ended_at,
    ) {
    }
}
