<?php

declare(strict_types=1);

namespace App\UseCase\Backup;

use App\Contract\Backup\BackupDocument;
use App\Contract\Backup\BuiltRecordBackupDocument;
use App\Contract\Error\InvalidDocument;
use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Inventory\SwatchDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Persistence\Entity\BuiltRecord;
use App\Persistence\Entity\InventoryPart;
use App\Persistence\Entity\SetAside;
use App\Persistence\Repository\BuiltRecordRepository;
use App\Persistence\Repository\InventoryPartRepository;
use App\Persistence\Repository\SetAsideRepository;
use App\Persistence\SafetyCopies;
use App\Persistence\Transaction;
use App\Persistence\Upgrade\DocumentKind;
use App\Persistence\Wipe;
use App\UseCase\Inventory\AddSwatches;
use App\UseCase\Settings\KeepSettings;
use App\UseCase\Workbench\KeepWorkbench;
use Kontrast\Inventory\Money;

/** Puts everything back as a backup has it, as one transaction. What was there is written to a file first. */
final readonly class RestoreBackup
{
    /** Parts are sent to the database so many at a time. */
    private const BATCH = 500;

    public function __construct(
        private MakeBackup $make,
        private RestoreLogbook $logbook,
        private KeepSettings $settings,
        private KeepWorkbench $workbench,
        private AddSwatches $swatches,
        private InventoryPartRepository $parts,
        private BuiltRecordRepository $records,
        private SetAsideRepository $setAside,
        private SafetyCopies $copies,
        private Wipe $wipe,
        private Transaction $transaction,
        private DocumentNormalizer $documents,
    ) {
    }

    /**
     * @return array{waters: int, readings: int, builds: int, trips: int, outings: int, trials: int, parts: int, kept_in: string}
     *
     * @throws InvalidDocument where it contradicts itself; nothing is changed then
     */
    public function restore(BackupDocument $backup): array
    {
        return $this->transaction->run(function () use ($backup): array {
            $file = $this->copies->keep($this->make->all());
            $this->wipe->everything();
            $counts = $this->logbook->restore($backup);
            $this->settings->replace($backup->settings);
            foreach ($backup->parts as $i => $part) {
                $this->part($part, $i, $backup);
            }
            $this->transaction->flushAndForget();
            $this->swatches->add(array_map(static fn (SwatchDocument $swatch): array => [
                'name' => $swatch->name,
                'hex' => strtolower($swatch->hex),
            ], $backup->swatches));
            foreach ($backup->made as $made) {
                $this->record($made);
            }
            if (null !== $backup->workbench) {
                $this->workbench->restore($backup->workbench);
            }
            foreach ($backup->unreadable as $aside) {
                $kind = DocumentKind::from($aside->kind);
                $this->setAside->add(new SetAside($kind, $aside->name, $aside->reason, $aside->document));
            }

            return [...$counts, 'parts' => $backup->countListed($backup->parts), 'kept_in' => $file];
        });
    }

    private function part(InventoryPartDocument $document, int $place, BackupDocument $backup): void
    {
        if ($this->parts->has($document->id)) {
            throw InvalidDocument::fault("parts[$place].id", 'Another part of this backup has this id already.', 'taken');
        }
        $part = new InventoryPart($document->id, $this->documents->toStored($document));
        $deletedAt = $backup->deleted[$document->id ?? ''] ?? null;
        if (null !== $deletedAt) {
            $part->delete($deletedAt);
        }
        $this->parts->add($part);
        if (0 === ($place + 1) % self::BATCH) {
            $this->transaction->flushAndForget();
        }
    }

    private function record(BuiltRecordBackupDocument $made): void
    {
        $record = new BuiltRecord(
            $made->id,
            $made->what,
            $made->count,
            Money::of($made->cost),
            null === $made->price ? null : Money::of($made->price),
            $made->made_at,
        );
        foreach ($made->drawn as $id => $count) {
            $part = $this->parts->findAny($id);
            $record->drew($part, $made->names[$id] ?? $part?->name() ?? 'a part that is no longer stored', $count);
        }
        if (null !== $made->undone_at) {
            $record->undo($made->undone_at);
        }
        $this->records->add($record);
    }
}
