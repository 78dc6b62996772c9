<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Measure\TimeOfDay;
use Kontrast\Reading\Reading;

/** One way a part of the day may turn out, and how much of the day it is. */
final readonly class Scenario
{
    /**
     * @param Reading $reading of any lure
     * @param float   $weight  share of the day, 0 to 1
     * @param int     $clarity 0 low, 1 likely, 2 high
     * @param int     $from    the first minute of the day it may be like that
     * @param int     $to      the minute after the last
     */
    public function __construct(
        public Reading $reading,
        public float $weight,
        public int $clarity,
        public int $from,
        public int $to,
    ) {
    }

    public function label(): string
    {
        return implode(', ', [
            \sprintf(
                '%s, %s to %s',
                $this->reading->sky->label(),
                TimeOfDay::atMinute($this->from)->said(),
                TimeOfDay::atMinute($this->to)->said(),
            ),
            round($this->reading->visibility->inInches()).' in visibility',
            $this->reading->cover->label(),
            $this->reading->forage->label(),
        ]);
    }
}
