<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use OpenApi\Attributes as OA;

/** The year of one water by its temperatures. */
#[OA\Schema(schema: 'SeasonWatch', additionalProperties: false)]
final readonly class SeasonWatchDocument
{
    /**
     * @param list<WarmthDocument>       $days
     * @param list<SeasonMomentDocument> $moments
     * @param list<SeasonNoticeDocument> $notices
     */
    public function __construct(
        public string $water_id,
        public string $water,
        #[OA\Property(description: 'In order of date.')]
        public array $days,
        public array $moments,
        #[OA\Property(description: 'What is worth a notice today.')]
        public array $notices,
    ) {
    }
}
