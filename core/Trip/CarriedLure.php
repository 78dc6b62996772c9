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
     */
    public function __construct(public Composition $build, public float $covers, public string $bestFor, public array $onWater)
    {
    }
}
