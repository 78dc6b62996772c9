<?php

declare(strict_types=1);

namespace App\UseCase\Inventory;

use App\Persistence\Entity\InventoryPart;
use App\Persistence\Kind\InventoryPartKind;
use App\Persistence\Rows;
use App\Persistence\Transaction;
use Symfony\Component\Clock\ClockInterface;

/** Takes parts off the list, and puts them back. */
final readonly class DeleteParts
{
    public function __construct(
        private Rows $rows,
        private InventoryPartKind $parts,
        private Transaction $transaction,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param list<string> $ids
     *
     * @return int how many were taken off
     */
    public function delete(array $ids): int
    {
        return $this->transaction->run(function () use ($ids): int {
            $parts = array_filter($this->rows->findMany($this->parts, $ids), static fn (InventoryPart $part): bool => !$part->isDeleted());
            foreach ($parts as $part) {
                $part->delete($this->clock->now());
            }

            return \count($parts);
        });
    }

    /**
     * @param list<string> $ids
     *
     * @return int how many came back
     */
    public function restore(array $ids): int
    {
        return $this->transaction->run(function () use ($ids): int {
            $parts = array_filter($this->rows->findMany($this->parts, $ids), static fn (InventoryPart $part): bool => $part->isDeleted());
            foreach ($parts as $part) {
                $part->restore();
            }

            return \count($parts);
        });
    }
}
