<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Outing\StintLureDocument;
use App\Contract\Reader\DocumentReader;
use App\Persistence\Entity\Outing;
use App\Persistence\Entity\OutingEvent;
use App\Persistence\Entity\Stint;
use App\Persistence\Repository\InventoryPartRepository;
use Kontrast\Inventory\PartKind;
use Kontrast\Logbook\EventKind;

/**
 * Takes from stock what an outing has used up, and puts back what it has not (L8). What it has used up follows from its notes alone:
 * of each loss the parts of the lure that was on then, as the notes say now. A note that is changed, moved to another lure or taken out
 * gives back what it took; so does an outing that is deleted, until it is restored.
 *
 * Each loss stands by its id, with the ids of the parts, one twice where two were used.
 *
 * @phpstan-type Worn array<string, array{OutingEvent, list<string>}>
 */
final readonly class TakeFromStock
{
    public function __construct(private InventoryPartRepository $parts, private DocumentReader $reader)
    {
    }

    /** @return Worn what an outing has used up as it stands now */
    public function worn(Outing $outing): array
    {
        $worn = [];
        foreach ($outing->isDeleted() ? [] : $outing->stints() as $stint) {
            foreach ($stint->events() as $event) {
                if ($event->takesStock() && $event->kind()->isWear()) {
                    $worn[$event->id()] = [$event, $this->used($event->kind(), $stint)];
                }
            }
        }

        return $worn;
    }

    /**
     * Brings the stock from what was used up before a change to what is used up after it. What is not in stock is passed over: the note
     * matters more than the count.
     *
     * @param Worn $before
     */
    public function settle(array $before, Outing $outing): void
    {
        $after = $this->worn($outing);
        foreach ([...$before, ...$after] as $id => [$event]) {
            $now = $after[$id][1] ?? [];
            if ($now === ($before[$id][1] ?? [])) {
                continue;
            }
            $this->putBack($event->taken());
            $event->took($this->take($now));
        }
    }

    /**
     * @param list<string> $ids
     *
     * @return array<string, int> how many of each part were taken, by id
     */
    private function take(array $ids): array
    {
        $taken = [];
        foreach ($ids as $id) {
            $part = $this->parts->find($id);
            if (null !== $part && $part->count() > 0) {
                $part->recount($part->count() - 1);
                $taken[$id] = ($taken[$id] ?? 0) + 1;
            }
        }

        return $taken;
    }

    /** @param array<string, int> $taken how many of each part, by id */
    private function putBack(array $taken): void
    {
        foreach ($taken as $id => $count) {
            $part = $this->parts->findAny($id);
            $part?->recount($part->count() + $count);
        }
    }

    /** @return list<string> ids */
    private function used(EventKind $kind, Stint $stint): array
    {
        $build = $this->reader->trusted($stint->document()->data(), StintLureDocument::class)->build;
        $ids = match ($kind) {
            EventKind::LureLost => array_map(static fn (InventoryPartDocument $part): ?string => $part->id, $build->parts()),
            EventKind::TrailerTorn => [$build->trailer?->id],
            EventKind::CollarSplit => [$this->parts->firstOf(PartKind::Collar)?->id()],
            default => [],
        };

        return array_values(array_filter($ids, static fn (?string $id): bool => null !== $id));
    }
}
