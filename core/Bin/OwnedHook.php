<?php

declare(strict_types=1);

namespace Kontrast\Bin;

use Kontrast\Lure\HookSize;

/** A trailer hook. */
final readonly class OwnedHook implements Owned
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
