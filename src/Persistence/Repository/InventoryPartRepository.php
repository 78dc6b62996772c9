<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\InventoryPart;

/** @extends Repository<InventoryPart> */
final class InventoryPartRepository extends Repository
{
    protected function entity(): string
    {
        return InventoryPart::class;
    }

    protected function noun(): string
    {
        return 'part';
    }

    protected function order(): array
    {
        return ['kind' => 'ASC', 'name' => 'ASC', 'id' => 'ASC'];
    }

    /**
     * @param list<string> $ids
     *
     * @return list<InventoryPart> deleted ones too
     */
    public function findMany(array $ids): array
    {
        $found = [];
        foreach (array_chunk($ids, self::MOST_IN_ONE_QUERY) as $some) {
            $found = [...$found, ...$this->entities->getRepository(InventoryPart::class)->findBy(['id' => $some])];
        }

        return $found;
    }

    /** SQLite takes at most 32766 parameters in one statement. */
    private const MOST_IN_ONE_QUERY = 5000;
}
