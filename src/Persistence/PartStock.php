<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Persistence\Entity\InventoryPart;
use Doctrine\ORM\EntityManagerInterface;
use Kontrast\Inventory\PartKind;

/** What there is of the parts that are used up without being chosen. */
final readonly class PartStock
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** The first of a kind that is in stock, by name; null where none is. */
    public function firstOf(PartKind $kind): ?InventoryPart
    {
        $found = $this->entities->createQuery(
            'SELECT e FROM '.InventoryPart::class.' e WHERE e.kind = :kind AND e.count > 0 AND e.deletedAt IS NULL ORDER BY e.name, e.id',
        )->setParameter('kind', $kind)->setMaxResults(1)->getResult();
        \assert(\is_array($found));
        $first = $found[0] ?? null;

        return $first instanceof InventoryPart ? $first : null;
    }
}
