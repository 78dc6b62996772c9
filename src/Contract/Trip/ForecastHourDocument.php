<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use Kontrast\Reading\Wind;
use OpenApi\Attributes as OA;

/** Wind and air of an hour. */
#[OA\Schema(
    schema: 'ForecastHour',
    additionalProperties: false,
)]
final readonly class ForecastHourDocument
{
    public function __construct(
        public int $hour,
        #[OA\Property(description: 'The likeliest.')]
        public Wind $wind,
        public float $air_low_f,
        #[OA\Property(description: 'The likeliest, °F.')]
        public float $air_f,
        public float $air_high_f,
    ) {
    }
}
