<?php

declare(strict_types=1);

namespace App\Persistence\Upgrade;

use App\Contract\Stored\StoredAs;

/** One step of one kind of document, from a shape to the next. Run by the migration that needs it; never changed after it has shipped. */
interface Upgrader
{
    public function kind(): StoredAs;

    /** The shape it takes; it makes the one after. */
    public function from(): int;

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    public function upgrade(array $document): array;
}
