<?php

declare(strict_types=1);

namespace App\Storage;

use App\Api\Document\OwnedPartDocument;
use App\Entity\BinPart;
use App\Entity\Swatch;
use App\Exchange\DocumentReader;
use App\Exchange\Documents;
use App\Exchange\InvalidDocument;
use Doctrine\ORM\EntityManagerInterface;
use Kontrast\Bin\PartKind;
use Kontrast\Bin\Plastic;
use Kontrast\Bin\Storage;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Keeps the parts owned. Every public method that writes is one transaction. */
final readonly class BinKeeper
{
    public function __construct(private EntityManagerInterface $entities, private Documents $documents, private Keeper $keeper, private DocumentReader $reader)
    {
    }

    /** @return list<BinPart> by kind and name */
    public function parts(): array
    {
        return $this->entities->getRepository(BinPart::class)->findBy(['deletedAt' => null], ['kind' => 'ASC', 'name' => 'ASC', 'id' => 'ASC']);
    }

    public function find(string $id): ?BinPart
    {
        $part = $this->entities->find(BinPart::class, $id);

        return null === $part || $part->isDeleted() ? null : $part;
    }

    public function document(BinPart $part): OwnedPartDocument
    {
        return $this->reader->trusted(self::row($part), OwnedPartDocument::class);
    }

    /** @return array<string, mixed> a part document of a stored row, only the fields that say something */
    public static function row(BinPart $part): array
    {
        return ['id' => $part->id(), 'version' => $part->version(), 'kind' => $part->kind()->value, 'name' => $part->name(), 'count' => $part->count()] + $part->traits();
    }

    /**
     * @param list<OwnedPartDocument> $documents
     *
     * @return list<BinPart>
     *
     * @throws InvalidDocument where an id is taken
     */
    public function add(array $documents): array
    {
        return $this->keeper->write(fn (): array => array_map($this->addOne(...), $documents, array_keys($documents)));
    }

    /**
     * Changes parts, all or none.
     *
     * @param list<OwnedPartDocument> $documents with id and version
     *
     * @return list<BinPart>
     *
     * @throws ConflictHttpException where a part was changed since it was read
     * @throws InvalidDocument       where one is not there
     */
    public function change(array $documents): array
    {
        return $this->keeper->write(fn (): array => array_map($this->changeOne(...), $documents, array_keys($documents)));
    }

    /**
     * @param list<string> $ids
     *
     * @return int how many were taken off the list
     */
    public function delete(array $ids): int
    {
        return $this->keeper->write(function () use ($ids): int {
            $parts = array_filter($this->entities->getRepository(BinPart::class)->findBy(['id' => $ids]), static fn (BinPart $part): bool => !$part->isDeleted());
            foreach ($parts as $part) {
                $part->delete(new \DateTimeImmutable());
            }

            return \count($parts);
        });
    }

    /** @param list<string> $ids */
    public function restore(array $ids): int
    {
        return $this->keeper->write(function () use ($ids): int {
            $parts = array_filter($this->entities->getRepository(BinPart::class)->findBy(['id' => $ids]), static fn (BinPart $part): bool => $part->isDeleted());
            foreach ($parts as $part) {
                $part->restore();
            }

            return \count($parts);
        });
    }

    /** @return list<array{box: string, stretchy: list<string>, others: list<string>}> */
    public function mixedBoxes(): array
    {
        $trailers = [];
        foreach ($this->parts() as $part) {
            $traits = $part->traits();
            if (PartKind::Trailer === $part->kind()) {
                $box = $traits['box'] ?? '';
                $plastic = $traits['plastic'] ?? '';
                $trailers[] = ['box' => \is_string($box) ? $box : '', 'name' => $part->name(), 'plastic' => Plastic::Stretchy->value === $plastic ? Plastic::Stretchy : Plastic::Soft];
            }
        }

        return Storage::mixed($trailers);
    }

    /** @return list<Swatch> in the order they were taken in */
    public function swatches(): array
    {
        return $this->entities->getRepository(Swatch::class)->findBy([], ['id' => 'ASC']);
    }

    /** @param list<array{name: string, hex: string}> $colours those of the same name and colour are not taken twice */
    public function addSwatches(array $colours): int
    {
        return $this->keeper->write(function () use ($colours): int {
            $there = array_map(static fn (Swatch $swatch): string => $swatch->name().' '.$swatch->hex(), $this->swatches());
            $added = 0;
            foreach ($colours as ['name' => $name, 'hex' => $hex]) {
                if (!\in_array("$name $hex", $there, true)) {
                    $this->entities->persist(new Swatch($name, $hex));
                    $there[] = "$name $hex";
                    ++$added;
                }
            }

            return $added;
        });
    }

    public function addOne(OwnedPartDocument $document, int $place): BinPart
    {
        if (null !== $document->id && null !== $this->entities->find(BinPart::class, $document->id)) {
            throw InvalidDocument::fault("[$place].id", 'There is already a part with this id. Change that one, or leave the id out.');
        }
        $part = new BinPart($document->id, $document->kind, trim($document->name), $document->count, $this->traits($document));
        $this->entities->persist($part);

        return $part;
    }

    public function changeOne(OwnedPartDocument $document, int $place): BinPart
    {
        $part = $this->find($document->id ?? '') ?? throw InvalidDocument::fault("[$place].id", 'There is no part with this id.');
        if ($document->version !== $part->version()) {
            throw new ConflictHttpException(\sprintf('“%s” was changed in another place since you opened it. Nothing was written.', $part->name()));
        }
        $part->change($document->kind, trim($document->name), $document->count, $this->traits($document));

        return $part;
    }

    /** @return array<string, mixed> everything that has no column of its own */
    public function traits(OwnedPartDocument $document): array
    {
        return array_diff_key($this->documents->said($document), ['id' => 0, 'version' => 0, 'kind' => 0, 'name' => 0, 'count' => 0]);
    }
}
