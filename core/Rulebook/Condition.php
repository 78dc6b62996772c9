<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** When a rule speaks, from 0 (silent) to 1 (fully); numbers fade over a band rather than break at an edge. */
interface Condition
{
    public function strength(Situation $situation): float;

    /** @return list<Slot> the earlier answers it looks at */
    public function slotsUsed(): array;

    /** @return list<string> the fields of the reading it looks at, by their names in a document; schools as "schools.pairing" */
    public function fields(): array;

    /** Changes a draft so that the condition holds, as far as a draft can make it. */
    public function meet(ReadingBuilder $draft): void;

    /** Changes a draft so that it does not. */
    public function miss(ReadingBuilder $draft): void;

    /**
     * The condition as data, for whoever shows it.
     *
     * @return array<string, mixed>
     */
    public function describe(): array;
}
