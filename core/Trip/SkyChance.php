<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Reading\Sky;

/** A sky that may come for a part of the day, minutes after midnight by the clock of the place, and how likely it is, 0 to 1. */
final readonly class SkyChance
{
    public function __construct(public int $from, public int $to, public Sky $sky, public float $chance)
    {
    }

    public function covers(int $minute): bool
    {
        return $this->from <= $minute && $minute < $this->to;
    }
}
