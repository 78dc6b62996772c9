<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use OpenApi\Attributes as OA;

/** The year of one water by its temperatures. */
#[OA\Schema(schema: 'SeasonWatch', additionalProperties: false, required: ['water_id', 'water', 'days', 'moments', 'notices'])]
final readonly class SeasonWatchDocument
{
    /**
     * @param list<WarmthDocument>       $days
     * @param list<SeasonMomentDocument> $moments
     * @param list<SeasonNoticeDocument> $notices
     */
    public function __construct(
        #[OA\Property]
        public string $water_id,
        #[OA\Property]
        public string $water,
        #[OA\Property(type: 'array', items: new OA\Items(ref: WarmthDocument::class), description: 'In order of date.')]
        public array $days,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SeasonMomentDocument::class))]
        public array $moments,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SeasonNoticeDocument::class), description: 'What is worth a notice today.')]
        public array $notices,
    ) {
    }
}
