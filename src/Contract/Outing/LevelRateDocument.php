<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use Kontrast\Logbook\Factor;
use Kontrast\Logbook\LevelRate;
use OpenApi\Attributes as OA;

/** How often something bit, for one level of one factor; intervals hold the rate four times in five. */
#[OA\Schema(schema: 'LevelRate', additionalProperties: false, required: [
    'factor', 'level', 'hours', 'bites', 'rate_per_hour', 'low', 'high', 'like_for_like', 'fish', 'fish_per_hour', 'fish_low', 'fish_high',
])]
final readonly class LevelRateDocument
{
    public function __construct(
        #[OA\Property(type: 'string', enum: Factor::class)]
        public Factor $factor,
        #[OA\Property]
        public string $level,
        #[OA\Property]
        public float $hours,
        #[OA\Property]
        public int $bites,
        #[OA\Property(description: 'Bites an hour.')]
        public float $rate_per_hour,
        #[OA\Property]
        public float $low,
        #[OA\Property]
        public float $high,
        #[OA\Property(description: 'Whether it was fished in the same water and light as another level, so that the two can be compared.')]
        public bool $like_for_like,
        #[OA\Property]
        public int $fish,
        #[OA\Property]
        public float $fish_per_hour,
        #[OA\Property]
        public float $fish_low,
        #[OA\Property]
        public float $fish_high,
    ) {
    }

    public static function of(LevelRate $rate): self
    {
        [$low, $high] = $rate->bites->interval();
        [$fishLow, $fishHigh] = $rate->fish->interval();

        return new self(
            $rate->factor,
            $rate->level,
            round($rate->bites->hours, 2),
            (int) $rate->bites->events,
            round($rate->bites->mean(), 3),
            round($low, 3),
            round($high, 3),
            $rate->isLikeForLike,
            (int) $rate->fish->events,
            round($rate->fish->mean(), 3),
            round($fishLow, 3),
            round($fishHigh, 3),
        );
    }
}
