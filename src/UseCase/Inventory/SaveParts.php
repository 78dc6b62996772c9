<?php

declare(strict_types=1);

namespace App\UseCase\Inventory;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Error\NotFound;
use App\Contract\Error\StaleDocument;
use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Persistence\Entity\InventoryPart;
use App\Persistence\Repository\InventoryPartRepository;
use App\Persistence\Transaction;
use App\UseCase\Kept;
use App\UseCase\VersionCheck;

/** Adds parts, or changes some: all or none. */
final readonly class SaveParts
{
    public function __construct(
        private InventoryPartRepository $parts,
        private Transaction $transaction,
        private DocumentNormalizer $documents,
    ) {
    }

    /**
     * @param list<InventoryPartDocument> $documents
     *
     * @return list<Kept>
     *
     * @throws InvalidDocument where an id is taken
     */
    public function add(array $documents): array
    {
        $parts = $this->transaction->run(fn (): array => array_map($this->addOne(...), $documents, array_keys($documents)));

        return array_map(FindParts::kept(...), $parts);
    }

    /**
     * @param list<InventoryPartDocument> $documents with id and version
     *
     * @return list<Kept>
     *
     * @throws StaleDocument   where a part was changed since it was read
     * @throws InvalidDocument where one is not there
     */
    public function change(array $documents): array
    {
        $parts = $this->transaction->run(fn (): array => array_map($this->changeOne(...), $documents, array_keys($documents)));

        return array_map(FindParts::kept(...), $parts);
    }

    /**
     * @param int|null $version the one that was read; null to write whatever is there
     *
     * @throws NotFound
     * @throws StaleDocument where it was changed since
     */
    public function changeById(string $id, InventoryPartDocument $document, ?int $version): Kept
    {
        return FindParts::kept($this->transaction->run(function () use ($id, $document, $version): InventoryPart {
            $part = $this->parts->get($id);
            VersionCheck::expect($version ?? $document->version, FindParts::kept($part), "“{$part->name()}”");
            $part->replace($this->documents->toStored($document));

            return $part;
        }));
    }

    private function addOne(InventoryPartDocument $document, int $place): InventoryPart
    {
        if (null !== $document->id && null !== $this->parts->findAny($document->id)) {
            throw InvalidDocument::fault(
                "[$place].id",
                'There is already a part with this id. Change that one, or leave the id out.',
                Fault::TAKEN,
            );
        }
        $part = new InventoryPart($document->id, $this->documents->toStored($document));
        $this->parts->add($part);

        return $part;
    }

    private function changeOne(InventoryPartDocument $document, int $place): InventoryPart
    {
        $part = $this->parts->find($document->id ?? '')
            ?? throw InvalidDocument::fault("[$place].id", 'There is no part with this id.', Fault::NOT_FOUND);
        VersionCheck::expect($document->version ?? 0, FindParts::kept($part), "“{$part->name()}”");
        $part->replace($this->documents->toStored($document));

        return $part;
    }
}
