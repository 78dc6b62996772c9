<?php

declare(strict_types=1);

namespace App\Storage;

use App\Api\Document\BatchRequestDocument;
use App\Entity\BinPart;
use App\Entity\Made;
use App\Exchange\InvalidDocument;
use App\Exchange\Sheets;
use Doctrine\ORM\EntityManagerInterface;

/** Keeps what was made. Making draws the parts down and undoing puts them back, each as one transaction. */
final readonly class MadeKeeper
{
    public function __construct(private EntityManagerInterface $entities, private Keeper $keeper, private Sheets $sheets)
    {
    }

    /** @return list<Made> newest first */
    public function made(): array
    {
        return $this->entities->getRepository(Made::class)->findBy(['undoneAt' => null], ['madeAt' => 'DESC', 'id' => 'DESC']);
    }

    public function find(string $id): ?Made
    {
        return $this->entities->find(Made::class, $id);
    }

    /** @throws InvalidDocument where a part runs short; nothing is drawn then */
    public function make(BatchRequestDocument $request): Made
    {
        return $this->keeper->write(function () use ($request): Made {
            $batch = $this->sheets->batch($request);
            $drawn = [];
            foreach ($batch->needs as $need) {
                ['id' => $id, 'needed' => $needed, 'short' => $short, 'name' => $name] = $need;
                \assert(\is_int($needed) && \is_int($short) && \is_string($name));
                if (!\is_string($id)) {
                    // What was never in the bin cannot be drawn from it.
                    continue;
                }
                if ($short > 0) {
                    throw InvalidDocument::fault('items', \sprintf('“%s” runs short by %d. Nothing was drawn.', $name, $short));
                }
                $part = $this->entities->find(BinPart::class, $id) ?? throw InvalidDocument::fault('items', "“{$name}” is no longer in the bin. Nothing was drawn.");
                $part->recount($part->count() - $needed);
                $drawn[$id] = ($drawn[$id] ?? 0) + $needed;
            }
            $count = array_sum(array_map(static fn ($item): int => $item->count, $request->items));
            $what = mb_strimwidth(implode(', ', array_map(static fn ($item): string => "{$item->count} × {$item->name}", $request->items)), 0, 1000, '…');
            $made = new Made($what, $count, $batch->cost, $batch->price, $drawn, new \DateTimeImmutable());
            $this->entities->persist($made);

            return $made;
        });
    }

    public function undo(Made $made): void
    {
        $this->keeper->write(function () use ($made): void {
            if ($made->isUndone()) {
                return;
            }
            foreach ($made->drawn() as $id => $count) {
                $part = $this->entities->find(BinPart::class, $id);
                $part?->recount($part->count() + $count);
            }
            $made->undo(new \DateTimeImmutable());
        });
    }
}
