<?php

declare(strict_types=1);

namespace App\Benchmark;

/** One thing measured, and what was aimed for. */
final readonly class Measurement
{
    public function __construct(public string $what, public string $measured, public string $aim = '')
    {
    }
}
