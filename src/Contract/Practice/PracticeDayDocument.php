<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use OpenApi\Attributes as OA;

/** One day of practice. */
#[OA\Schema(schema: 'PracticeDay', additionalProperties: false)]
final readonly class PracticeDayDocument
{
    public function __construct(public string $day, public int $answered, public int $right)
    {
    }
}
