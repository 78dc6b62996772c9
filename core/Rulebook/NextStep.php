<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** What to change when something happens on the water. */
final readonly class NextStep
{
    /** @param list<string> $facts why to change this, and in this order; the change itself has a rule of its own */
    public function __construct(public Occasion $occasion, public Change $change, public string $because, public array $facts)
    {
    }
}
