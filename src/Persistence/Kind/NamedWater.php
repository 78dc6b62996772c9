<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Persistence\Entity\Water;
use App\Persistence\Rows;

/** The water that a document names. One that was deleted since is still named by what was noted there. */
final readonly class NamedWater
{
    public function __construct(private Rows $rows, private WaterKind $waters)
    {
    }

    /** @throws InvalidDocument where there is no such water */
    public function called(?string $id): ?Water
    {
        return null === $id ? null : $this->rows->findAny($this->waters, $id)
            ?? throw InvalidDocument::fault('water_id', 'There is no water with this id.', Fault::NO_SUCH_WATER);
    }
}
