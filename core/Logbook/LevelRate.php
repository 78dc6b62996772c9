<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Statistics\Rate;

/** How often something bit, for one level of one factor. */
final readonly class LevelRate
{
    /** @param bool $isLikeForLike whether another level was fished in water and light like its own, so that the two can be compared */
    public function __construct(
        public Factor $factor,
        public string $level,
        public Rate $bites,
        public Rate $fish,
        public bool $isLikeForLike,
    ) {
    }
}
