<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** A part as a rule speaks of it: some of its picks, the rest left open. */
interface PartPicks
{
    /** @return list<Pick> */
    public function picks(): array;
}
