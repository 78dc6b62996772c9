<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\InventoryPart;
use Kontrast\Inventory\PartKind;

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

    /** The first of a kind that is in stock, in order; null where none is. */
    public function firstOf(PartKind $kind): ?InventoryPart
    {
        $query = $this->query()->andWhere('e.kind = :kind AND e.count > 0')->setParameter('kind', $kind)->setMaxResults(1);
        $found = $query->getQuery()->getResult();
        \assert(\is_array($found));
        $first = $found[0] ?? null;

        return $first instanceof InventoryPart ? $first : null;
    }

    /** SQLite takes at most 32766 parameters in one statement. */
    private const MOST_IN_ONE_QUERY = 5000;
}
