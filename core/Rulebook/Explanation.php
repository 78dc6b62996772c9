<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** Why a pick is what it is: every rule that voted, how much each counted, and what would turn it. */
final readonly class Explanation
{
    /**
     * @param list<Vote> $votes on every value, most votes first; negative where a rule votes against
     * @param NearestChange|null  $turn  the nearest change of one field by which the runner-up would win; null where none does it
     */
    public function __construct(public Tally $tally, public array $votes, public ?NearestChange $turn)
    {
    }
}
