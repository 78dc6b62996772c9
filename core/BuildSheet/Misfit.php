<?php

declare(strict_types=1);

namespace Kontrast\BuildSheet;

/** Two parts that do not go together, and the nearest that would. */
final readonly class Misfit
{
    public function __construct(public string $slot, public string $text, public string $instead)
    {
    }
}
