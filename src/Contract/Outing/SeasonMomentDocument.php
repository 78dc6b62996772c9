<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use Kontrast\Logbook\Moment;
use Kontrast\Logbook\MomentSeen;
use OpenApi\Attributes as OA;

/** A moment of a water's year, and when it came. */
#[OA\Schema(schema: 'SeasonMoment', additionalProperties: false, required: ['moment', 'date', 'surface_f'])]
final readonly class SeasonMomentDocument
{
    public function __construct(
        #[OA\Property(type: 'string', enum: Moment::class)]
        public Moment $moment,
        #[OA\Property]
        public string $date,
        #[OA\Property]
        public float $surface_f,
    ) {
    }

    public static function of(MomentSeen $seen): self
    {
        return new self($seen->moment, $seen->date, $seen->fahrenheit);
    }
}
