<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use Kontrast\Measure\TimeOfDay;
use OpenApi\Attributes as OA;

/** A stretch of the day by the clock of the place. */
#[OA\Schema(schema: 'Stretch', additionalProperties: false)]
final readonly class StretchDocument
{
    public function __construct(
        #[OA\Property(description: 'Such as 7:45.')]
        public string $from,
        public string $to,
    ) {
    }

    /** @param array{int, int} $minutes after midnight */
    public static function of(array $minutes): self
    {
        return new self(TimeOfDay::atMinute($minutes[0])->written(), TimeOfDay::atMinute($minutes[1])->written());
    }
}
