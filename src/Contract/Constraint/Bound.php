<?php

declare(strict_types=1);

namespace App\Contract\Constraint;

/** A constraint that also tells the published schema what it allows. */
interface Bound
{
    /** @return array<string, mixed> JSON Schema keywords */
    public function schema(): array;
}
