<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use OpenApi\Attributes as OA;

/** What a forecast service says of a day, as a trip takes it. */
#[OA\Schema(schema: 'Forecast', additionalProperties: false)]
final readonly class ForecastDocument
{
    /**
     * @param list<SkyChanceDocument>    $sky
     * @param list<ForecastHourDocument> $hours
     */
    public function __construct(
        #[OA\Property(description: 'Hours of the same chances as one.')]
        public array $sky,
        #[OA\Property(description: 'All 24.')]
        public array $hours,
    ) {
    }
}
