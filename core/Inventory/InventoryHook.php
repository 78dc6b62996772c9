<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Lure\HookSize;

/** A trailer hook. */
final readonly class InventoryHook implements InventoryPart
{
    public function __construct(public string $id, public string $name, public HookSize $size)
    {
    }

    public function id(): string
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }
}
