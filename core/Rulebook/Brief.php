<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\Build;

/**
 * An advice without its explanations: what to tie, what the fish should see, and how much say every value had. All that a build is judged
 * by.
 */
final readonly class Brief
{
    /** @param array<string, array<string, float>> $scores what every value that was voted for came to, best first, by slot value */
    public function __construct(public Build $build, public BuildGoal $wanted, public array $scores)
    {
    }
}
