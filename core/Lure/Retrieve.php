<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** How a lure is worked: the motion, how fast, and where in the water. */
final readonly class Retrieve
{
    public function __construct(public RetrieveName $name, public Pace $pace, public Run $run)
    {
    }
}
