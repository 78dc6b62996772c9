<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Reading\School;

/** A question on which today’s advice depends on the school. */
final readonly class Disagreement
{
    /** @param list<Dissent> $others */
    public function __construct(public SchoolQuestion $question, public School $chosen, public array $others)
    {
    }
}
