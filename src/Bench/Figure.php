<?php

declare(strict_types=1);

namespace App\Bench;

/** One thing measured, and what was aimed for. */
final readonly class Figure
{
    public function __construct(public string $what, public string $measured, public string $aim = '')
    {
    }
}
