<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Measure\Said;
use Kontrast\Measure\TimeOfDay;
use Kontrast\Reading\Reading;

/** One way a part of the day may turn out, and how much of the day it is. */
final readonly class Scenario
{
    /**
     * @param Reading $reading     of any lure
     * @param float   $weight      share of the day, 0 to 1
     * @param int     $clarity     0 low, 1 likely, 2 high
     * @param int     $from        the first minute of the day it may be like that
     * @param int     $to          the minute after the last
     * @param bool    $isAfterBite one has just bitten on a lure that covers water, and the spot is fished slower (R9)
     */
    public function __construct(
        public Reading $reading,
        public float $weight,
        public int $clarity,
        public int $from,
        public int $to,
        public bool $isAfterBite = false,
    ) {
    }

    /** The same, as so much of the day. */
    public function weighing(float $weight, bool $isAfterBite = false): self
    {
        return new self($this->reading, $weight, $this->clarity, $this->from, $this->to, $isAfterBite || $this->isAfterBite);
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
            Said::mark(round($this->reading->visibility->inInches()).' in').' visibility',
            $this->reading->cover->label(),
            $this->reading->forage->label(),
            $this->mood(),
        ]);
    }

    /** How they bite, as one says it of a stretch of the day. */
    public function mood(): string
    {
        return $this->isAfterBite ? 'after a bite' : "{$this->reading->bite->label()} bite";
    }

    /** How much another one differs: what is fished as one first has the least. */
    public function apart(self $other): float
    {
        $is = $this->reading;
        $was = $other->reading;

        return ($this->isAfterBite === $other->isAfterBite ? 0 : 9)
            + ($is->cover === $was->cover ? 0 : 3)
            + ($is->forage === $was->forage ? 0 : 3)
            + ($is->sky === $was->sky ? 0 : 2)
            + ($is->bite === $was->bite ? 0 : 1)
            + abs(log($is->visibility->inInches() / $was->visibility->inInches()))
            + abs(log($is->depth->inInches() / $was->depth->inInches()));
    }
}
