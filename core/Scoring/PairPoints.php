<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

/** Points of pairs in one scene, for one thing that is asked of them. */
final class PairPoints
{
    /** @var array<string, array<string, int>> by id of the skirt and of the trailer */
    public array $points = [];
}
