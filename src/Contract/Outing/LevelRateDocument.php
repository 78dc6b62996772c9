<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use Kontrast\Logbook\Factor;
use Kontrast\Logbook\LevelRate;
use OpenApi\Attributes as OA;

/** How often something bit, for one level of one factor; intervals hold the rate four times in five. */
#[OA\Schema(schema: 'LevelRate', additionalProperties: false)]
final readonly class LevelRateDocument
{
    public function __construct(
        public Factor $factor,
        public string $level,
        public float $hours,
        public int $bites,
        #[OA\Property(description: 'Bites an hour.')]
        public float $rate_per_hour,
        public float $low,
        public float $high,
        #[OA\Property(description: 'Whether it was fished long enough to be compared with others, all else being equal.')]
        public bool $like_for_like,
        public int $fish,
        public float $fish_per_hour,
        public float $fish_low,
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
            round($rate->count->hours, 2),
            $rate->count->bites,
            round($rate->bites->mean(), 3),
            round($low, 3),
            round($high, 3),
            $rate->isLikeForLike,
            $rate->count->fish,
            round($rate->fish->mean(), 3),
            round($fishLow, 3),
            round($fishHigh, 3),
        );
    }
}
