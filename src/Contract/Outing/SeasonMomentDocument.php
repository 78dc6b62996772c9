<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use Kontrast\Logbook\Moment;
use Kontrast\Logbook\MomentSeen;
use OpenApi\Attributes as OA;

/** A moment of a water's year, and when it came. */
#[OA\Schema(schema: 'SeasonMoment', additionalProperties: false)]
final readonly class SeasonMomentDocument
{
    public function __construct(
        public Moment $moment,
        #[OA\Property(description: 'The moment, in a few words.')]
        public string $words,
        public string $date,
        public float $surface_f,
    ) {
    }

    public static function of(MomentSeen $seen): self
    {
        return new self($seen->moment, $seen->moment->label(), $seen->date, $seen->fahrenheit);
    }
}
