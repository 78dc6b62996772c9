<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Material\Srgb;

/** One of the colours of a patch, and how much of it it takes. */
final readonly class PatchColour
{
    /** @param float $share above 0, up to 1 */
    public function __construct(public Srgb $colour, public float $share)
    {
    }
}
