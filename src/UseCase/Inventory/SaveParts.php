<?php

declare(strict_types=1);

namespace App\UseCase\Inventory;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Inventory\InventoryPartDocument;
use App\Persistence\Kind\InventoryPartKind;
use App\Persistence\Rows;
use App\Persistence\Transaction;
use App\UseCase\Shelf;

/** Adds parts, or changes some: all or none. */
final readonly class SaveParts
{
    public function __construct(
        private Shelf $shelf,
        private Rows $rows,
        private InventoryPartKind $parts,
        private Transaction $transaction,
    ) {
    }

    /**
     * @param list<InventoryPartDocument> $documents
     *
     * @return list<object> as they are stored
     *
     * @throws InvalidDocument where an id is taken
     */
    public function add(array $documents): array
    {
        return $this->each($documents, fn (InventoryPartDocument $one): object => $this->shelf->add(InventoryPartKind::NAME, $one)->document);
    }

    /**
     * @param list<InventoryPartDocument> $documents with id and version
     *
     * @return list<object> as they are stored
     *
     * @throws InvalidDocument where one is not there
     */
    public function change(array $documents): array
    {
        return $this->each($documents, function (InventoryPartDocument $one): object {
            if (null === $this->rows->find($this->parts, $one->id)) {
                throw InvalidDocument::fault('id', 'There is no part with this id.', Fault::NOT_FOUND);
            }

            return $this->shelf->change(InventoryPartKind::NAME, (string) $one->id, $one)->document;
        });
    }

    /**
     * @param list<InventoryPartDocument>             $documents
     * @param callable(InventoryPartDocument): object $store
     *
     * @return list<object>
     *
     * @throws InvalidDocument with the place of each fault in the list
     */
    private function each(array $documents, callable $store): array
    {
        return $this->transaction->run(static fn (): array => array_map(static function (InventoryPartDocument $one, int $place) use ($store): object {
            try {
                return $store($one);
            } catch (InvalidDocument $invalid) {
                throw $invalid->within("[$place]");
            }
        }, $documents, array_keys($documents)));
    }
}
