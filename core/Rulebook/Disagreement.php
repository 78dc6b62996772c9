<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** A question on which today’s advice depends on the school. */
final readonly class Disagreement
{
    /** @param list<Dissent> $others */
    public function __construct(public SchoolQuestion $question, public \BackedEnum $chosen, public array $others)
    {
    }
}
