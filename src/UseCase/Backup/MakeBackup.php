<?php

declare(strict_types=1);

namespace App\UseCase\Backup;

use App\Contract\Backup\BackupDocument;
use App\Contract\Backup\SetAsideDocument;
use App\Persistence\DocumentHealth;
use App\Persistence\Entity\BuiltRecord;
use App\Persistence\Entity\InventoryPart;
use App\Persistence\Entity\Outing;
use App\Persistence\Entity\OutingEvent;
use App\Persistence\Entity\SavedBuild;
use App\Persistence\Entity\SavedReading;
use App\Persistence\Entity\StoredDocument;
use App\Persistence\Entity\Trial;
use App\Persistence\Entity\Trip;
use App\Persistence\Entity\Water;
use App\Persistence\Repository\BuiltRecordRepository;
use App\Persistence\Repository\InventoryPartRepository;
use App\Persistence\Repository\OutingRepository;
use App\Persistence\Repository\Repository;
use App\Persistence\Repository\SavedBuildRepository;
use App\Persistence\Repository\SavedReadingRepository;
use App\Persistence\Repository\TrialRepository;
use App\Persistence\Repository\TripRepository;
use App\Persistence\Repository\WaterRepository;
use App\Persistence\Transaction;
use App\UseCase\FindUnreadable;
use App\UseCase\Inventory\FindParts;
use App\UseCase\Logbook\KeepCurrentReading;
use App\UseCase\Settings\KeepSettings;
use App\UseCase\Workbench\KeepWorkbench;

/** Puts everything kept into one document, what was deleted and can be restored among it. */
final readonly class MakeBackup
{
    public function __construct(
        private WaterRepository $waters,
        private SavedReadingRepository $readings,
        private SavedBuildRepository $builds,
        private TripRepository $trips,
        private OutingRepository $outings,
        private TrialRepository $trials,
        private InventoryPartRepository $parts,
        private BuiltRecordRepository $records,
        private KeepCurrentReading $current,
        private KeepSettings $settings,
        private KeepWorkbench $workbench,
        private FindParts $findParts,
        private FindUnreadable $unreadable,
        private DocumentHealth $health,
        private Transaction $transaction,
    ) {
    }

    /** @return array<string, mixed> a backup document: all of it as it was at one moment, while others go on writing */
    public function all(): array
    {
        return $this->transaction->snapshot($this->read(...));
    }

    /** @return array<string, mixed> */
    private function read(): array
    {
        $waters = self::withDeleted($this->waters);
        $readings = self::withDeleted($this->readings);
        $builds = self::withDeleted($this->builds);
        $trips = self::withDeleted($this->trips);
        $outings = $this->outings->whole();
        $trials = self::withDeleted($this->trials);
        $parts = self::withDeleted($this->parts);

        return [
            'kontrast' => BackupDocument::VERSION,
            'notebook' => [
                'waters' => array_map(static fn (Water $water): array => $water->toArray(), $waters),
                'readings' => array_map(static fn (SavedReading $reading): array => $reading->toArray(), $readings),
                'builds' => array_map(static fn (SavedBuild $build): array => ['id' => $build->id(), ...$build->fields()], $builds),
                'trips' => array_map(static fn (Trip $trip): array => ['id' => $trip->id(), ...$trip->fields()], $trips),
                'outings' => array_map(
                    fn (Outing $one): array => ['id' => $one->id(), ...$one->fields(true, $this->health->isReadable(...))],
                    $outings,
                ),
                'trials' => array_map(static fn (Trial $trial): array => ['id' => $trial->id(), ...$trial->fields()], $trials),
                'desk' => $this->current->show()?->document,
            ],
            'settings' => $this->settings->show()->document,
            'parts' => array_map(static fn (InventoryPart $part): array => ['id' => $part->id(), ...$part->fields()], $parts),
            'made' => array_map(self::record(...), $this->records->allEver()),
            'swatches' => $this->findParts->swatches(),
            'deleted' => (object) self::deleted([...$waters, ...$readings, ...$builds, ...$trips, ...$outings, ...$trials, ...$parts]),
            'unreadable' => [...$this->unreadable->all(), ...$this->notesOfDamaged($outings)],
            'workbench' => $this->workbench->show()?->document,
        ];
    }

    /**
     * What was noted while a lure was fished of which nothing can be read: there is no stint to note it under.
     *
     * @param list<Outing> $outings
     *
     * @return list<array{kind: string, id: string, name: string, reason: string, document: string}>
     */
    private function notesOfDamaged(array $outings): array
    {
        $notes = [];
        foreach ($outings as $outing) {
            foreach ($outing->stints() as $stint) {
                if ([] === $stint->events() || $this->health->isReadable($stint)) {
                    continue;
                }
                $events = array_map(static fn (OutingEvent $event): array => $event->toArray(true), $stint->events());
                $notes[] = [
                    'kind' => $stint->kindOfDocument()->value,
                    'id' => $stint->id(),
                    'name' => mb_strimwidth('Notes: '.$stint->title(), 0, SetAsideDocument::MOST_NAME, '…'),
                    'reason' => 'The lure they were noted under cannot be read.',
                    'document' => StoredDocument::encode(['events' => $events]),
                ];
            }
        }

        return $notes;
    }

    /**
     * @template T of Water|SavedReading|SavedBuild|Trip|Outing|Trial|InventoryPart
     *
     * @param Repository<T> $repository
     *
     * @return list<T>
     */
    private static function withDeleted(Repository $repository): array
    {
        return [...$repository->all(), ...$repository->deleted()];
    }

    /**
     * @param list<Water|SavedReading|SavedBuild|Trip|Outing|Trial|InventoryPart> $all
     *
     * @return array<string, string> when, by id
     */
    private static function deleted(array $all): array
    {
        $deleted = [];
        foreach ($all as $one) {
            $at = $one->deletedAt();
            if (null !== $at) {
                $deleted[$one->id()] = $at->format(\DateTimeInterface::ATOM);
            }
        }

        return $deleted;
    }

    /** @return array<string, mixed> */
    private static function record(BuiltRecord $record): array
    {
        $drawn = [];
        $names = [];
        foreach ($record->parts() as $i => $part) {
            $id = $part->part()?->id() ?? "gone-$i";
            $drawn[$id] = $part->count();
            $names[$id] = $part->name();
        }

        return [
            ...$record->toArray(),
            'drawn' => (object) $drawn,
            'names' => (object) $names,
            'undone_at' => $record->undoneAt()?->format(\DateTimeInterface::ATOM),
        ];
    }
}
