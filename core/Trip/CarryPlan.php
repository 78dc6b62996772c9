<?php

declare(strict_types=1);

namespace Kontrast\Trip;

/** What to carry on a trip and why. */
final readonly class CarryPlan
{
    /**
     * @param list<CarriedLure>    $lures    most of the day first
     * @param list<CarriedTrailer> $trailers
     * @param float                $worth    expected score over the day, of a hundred
     * @param float                $bound    no choice from the parts owned is worth more
     * @param list<Gap>            $gaps     the largest first
     * @param array<int, float>    $curve    what one lure, two, … would be worth with as many trailers
     * @param list<string>         $spares   what to carry twice, and why
     */
    public function __construct(
        public array $lures,
        public array $trailers,
        public float $worth,
        public float $bound,
        public bool $isExact,
        public array $gaps,
        public array $curve,
        public array $spares,
        public int $scenarios,
    ) {
    }
}
