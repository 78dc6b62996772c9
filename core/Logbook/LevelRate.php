<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Statistics\Rate;

/** How often something bit, for one level of one factor. */
final readonly class LevelRate
{
    /** @param bool $isLikeForLike whether it was fished long enough to be told apart from other levels, all else being equal */
    public function __construct(
        public Factor $factor,
        public string $level,
        public Count $count,
        public Rate $bites,
        public Rate $fish,
        public bool $isLikeForLike,
    ) {
    }
}
