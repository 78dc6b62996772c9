<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

/** A part out of the bin that a lure is composed of. */
interface InventoryPart
{
    public function id(): string;

    public function name(): string;
}
