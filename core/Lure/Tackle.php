<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/**
 * What it is thrown on: line and its breaking strength in pounds, rod length in inches with its power and action, turns of the spool to one
 * of the handle.
 */
final readonly class Tackle
{
    public function __construct(
        public Line $line,
        public NumberRange $linePounds,
        public NumberRange $rodInches,
        public NumberRange $gearRatio,
        public RodPower $power,
        public RodAction $action,
    ) {
    }
}
