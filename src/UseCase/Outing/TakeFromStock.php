<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Inventory\InventoryPartDocument;
use App\Persistence\Entity\Outing;
use App\Persistence\Entity\OutingEvent;
use App\Persistence\Entity\Stint;
use App\Persistence\Entity\Stored;
use App\Persistence\Kind\InventoryPartKind;
use App\Persistence\Kind\StintKind;
use App\Persistence\PartStock;
use App\Persistence\Rows;
use App\Persistence\UnreadableDocument;
use App\UseCase\Hook;
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
final readonly class TakeFromStock implements Hook
{
    public function __construct(private Rows $rows, private InventoryPartKind $parts, private StintKind $stints, private PartStock $stock)
    {
    }

    public function kind(): string
    {
        return OutingKind::NAME;
    }

    /** @return Worn */
    public function before(Stored $one): array
    {
        \assert($one instanceof Outing);

        return $this->worn($one);
    }

    public function after(mixed $before, Stored $one): void
    {
        \assert($one instanceof Outing);
        /** @var Worn|null $before */
        $this->settle($before ?? [], $one);
    }

    /** @return Worn what an outing has used up as it stands now */
    public function worn(Outing $outing): array
    {
        $worn = [];
        foreach ($outing->isDeleted() ? [] : $outing->stints() as $stint) {
            foreach ($stint->events() as $event) {
                if ($event->takesStock() && $event->kind()->isWear()) {
                    $worn[$event->id()] = [$event, $this->used($event, $stint)];
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
            $part = $this->rows->find($this->parts, $id);
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
            $part = $this->rows->findAny($this->parts, $id);
            $part?->recount($part->count() + $count);
        }
    }

    /** @return list<string> ids */
    private function used(OutingEvent $event, Stint $stint): array
    {
        try {
            $build = $this->stints->lure($stint)->build;
        } catch (UnreadableDocument) {
            // Nobody can tell what was on: what it took stays taken.
            return array_merge(...array_map(
                static fn (string $id, int $count): array => array_fill(0, $count, $id),
                array_map(strval(...), array_keys($event->taken())),
                array_values($event->taken()),
            ));
        }
        $ids = match ($event->kind()) {
            EventKind::LureLost => array_map(static fn (InventoryPartDocument $part): ?string => $part->id, $build->parts()),
            EventKind::TrailerTorn => [$build->trailer?->id],
            EventKind::CollarSplit => [$this->stock->firstOf(PartKind::Collar)?->id()],
            default => [],
        };

        return array_values(array_filter($ids, static fn (?string $id): bool => null !== $id));
    }
}
