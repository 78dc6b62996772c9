<?php

declare(strict_types=1);

namespace App\UseCase\Logbook;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Persistence\Entity\Water;
use App\Persistence\Repository\WaterRepository;

/** Finds the water a document names. */
final readonly class NamedWater
{
    public function __construct(private WaterRepository $waters)
    {
    }

    /**
     * @param Water|null $known the one that what is changed names already: it may have been deleted since
     *
     * @throws InvalidDocument where there is no such water
     */
    public function of(?string $id, ?Water $known = null): ?Water
    {
        if (null !== $known && $known->id() === $id) {
            return $known;
        }

        return null === $id ? null : $this->waters->find($id)
            ?? throw InvalidDocument::fault('water_id', 'There is no water with this id.', Fault::NO_SUCH_WATER);
    }
}
