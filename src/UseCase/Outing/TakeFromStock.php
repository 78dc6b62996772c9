<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Inventory\CompositionDocument;
use App\Contract\Inventory\InventoryPartDocument;
use App\Persistence\Repository\InventoryPartRepository;
use Kontrast\Inventory\PartKind;
use Kontrast\Logbook\EventKind;

/** Takes what was lost or torn on the water from stock, and puts it back when the note is undone (L8). */
final readonly class TakeFromStock
{
    public function __construct(private InventoryPartRepository $parts)
    {
    }

    /**
     * What is not in stock, or no longer, is passed over: the note matters more than the count.
     *
     * @return array<string, int> how many of each part were taken, by id
     */
    public function take(EventKind $kind, CompositionDocument $build): array
    {
        $taken = [];
        foreach ($this->used($kind, $build) as $id) {
            $part = $this->parts->find($id);
            if (null !== $part && $part->count() > 0) {
                $part->recount($part->count() - 1);
                $taken[$id] = ($taken[$id] ?? 0) + 1;
            }
        }

        return $taken;
    }

    /** @param array<string, int> $taken how many of each part, by id */
    public function putBack(array $taken): void
    {
        foreach ($taken as $id => $count) {
            $part = $this->parts->findAny($id);
            $part?->recount($part->count() + $count);
        }
    }

    /** @return list<string> ids, one twice where two were used */
    private function used(EventKind $kind, CompositionDocument $build): array
    {
        $ids = match ($kind) {
            EventKind::LureLost => array_map(static fn (InventoryPartDocument $part): ?string => $part->id, $build->parts()),
            EventKind::TrailerTorn => [$build->trailer?->id],
            EventKind::CollarSplit => [$this->parts->firstOf(PartKind::Collar)?->id()],
            default => [],
        };

        return array_values(array_filter($ids, static fn (?string $id): bool => null !== $id));
    }
}
