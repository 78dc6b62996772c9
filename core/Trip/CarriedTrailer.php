<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Inventory\InventoryTrailer;

/** A trailer to carry, and the share of the day it is on a hook. */
final readonly class CarriedTrailer
{
    public function __construct(public InventoryTrailer $trailer, public float $covers)
    {
    }
}
