<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use Kontrast\Reading\Wind;
use OpenApi\Attributes as OA;

/** Wind and air of an hour. */
#[OA\Schema(
    schema: 'ForecastHour',
    additionalProperties: false,
    required: ['hour', 'wind', 'air_low_f', 'air_f', 'air_high_f'],
)]
final readonly class ForecastHourDocument
{
    public function __construct(
        #[OA\Property]
        public int $hour,
        #[OA\Property(type: 'string', enum: Wind::class, description: 'The likeliest.')]
        public Wind $wind,
        #[OA\Property]
        public float $air_low_f,
        #[OA\Property(description: 'The likeliest, °F.')]
        public float $air_f,
        #[OA\Property]
        public float $air_high_f,
    ) {
    }
}
