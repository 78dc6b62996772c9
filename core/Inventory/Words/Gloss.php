<?php

declare(strict_types=1);

namespace Kontrast\Inventory\Words;

/** A stretch of a line and what it was understood as. */
final readonly class Gloss
{
    /** @param string|null $means null where it carries nothing of its own, or is not understood */
    public function __construct(public string $text, public ?string $means = null, public bool $isUnknown = false)
    {
    }
}
