<?php

declare(strict_types=1);

namespace Kontrast\Trip;

/** What to carry on a trip and why. */
final readonly class CarryPlan
{
    /**
     * @param list<CarriedLure>    $lures    most of the day first
     * @param list<CarriedTrailer> $trailers
     * @param float                $worth    expected catch over the day, of a hundred: what the advised lures would get
     * @param float                $bound    no choice of the bodies and trailers considered is worth more
     * @param list<Gap>            $gaps     the largest first
     * @param array<int, float>    $curve    what one lure, two, … would be worth with as many trailers
     * @param list<string>         $spares   what to carry twice, and why
     * @param string|null          $fewer    why fewer lures are carried than were asked for
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
        public ?string $fewer,
    ) {
    }
}
