<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Inventory\Composition;

/** A lure to carry, with the trailer it is fished with most, and what it is for. */
final readonly class CarriedLure
{
    /**
     * @param float        $covers  share of the day it is the best one carried, 0 to 1
     * @param string       $bestFor in a few words
     * @param list<string> $onWater what to do to it out there, and when
     * @param float        $alone   points of the day that would be lost without it
     * @param list<array{int, int}> $fished the stretches of the day in which it comes into its own: minutes after midnight, from and to
     * @param string|null  $onlyFor what it is there for that no other carried is; null where the others do nearly as well
     */
    public function __construct(
        public Composition $build,
        public float $covers,
        public string $bestFor,
        public array $onWater,
        public float $alone,
        public ?string $onlyFor,
        public array $fished = [],
    ) {
    }
}
