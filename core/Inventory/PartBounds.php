<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

/** What an owned part can be at most. Lengths in inches, weights in ounces. (Chosen, beyond anything sold.) */
final class PartBounds
{
    public const MOST_COUNT = 100_000;
    public const MOST_NAME = 120;
    public const MOST_BELLY = 2;
    public const MOST_ACCENTS = 3;
    public const MOST_WEIGHT_OZ = 4;
    public const MOST_LENGTH_IN = 12;
}
