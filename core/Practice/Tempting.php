<?php

declare(strict_types=1);

namespace Kontrast\Practice;

use Kontrast\Lure\Build;
use Kontrast\Rulebook\Change;

/** The answer of somebody who knows all but the one fact that decides: what it would be, and why it tempts. */
final readonly class Tempting
{
    /**
     * @param list<Change> $differs from the right answer, in the order of settling
     * @param float        $points  of 100, by the scorer of the bench
     */
    public function __construct(public Build $build, public array $differs, public float $points, public string $because)
    {
    }
}
