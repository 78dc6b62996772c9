<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** When a rule speaks, from 0 (silent) to 1 (fully); numbers fade over a band rather than break at an edge. */
interface Condition
{
    public function strength(Situation $situation): float;

    /** @return list<Slot> the earlier answers it looks at */
    public function looksAt(): array;

    /**
     * The condition as data, for whoever shows it.
     *
     * @return array<string, mixed>
     */
    public function describe(): array;
}
