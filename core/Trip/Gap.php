<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Inventory\InventoryBlade;
use Kontrast\Inventory\InventoryHead;
use Kontrast\Inventory\InventoryHook;
use Kontrast\Inventory\InventorySkirt;
use Kontrast\Inventory\InventoryTrailer;

/** A part of the day for which the lures carried lack something, and the one part that would gain most then. */
final readonly class Gap
{
    /** @param float $gain points of a hundred in that scenario */
    public function __construct(
        public Scenario $scenario,
        public InventoryHead|InventoryBlade|InventorySkirt|InventoryTrailer|InventoryHook $part,
        public float $gain,
    ) {
    }

    public function lacks(): string
    {
        return \sprintf('A %s would gain %d points.', $this->part->name(), round($this->gain));
    }
}
