<?php

declare(strict_types=1);

namespace App\UseCase\Backup;

use App\Contract\Backup\BackupDocument;
use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Outing\OutingDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Persistence\Entity\Outing;
use App\Persistence\Entity\Trip;
use App\Persistence\Entity\Water;
use App\Persistence\Repository\OutingRepository;
use App\UseCase\Outing\SaveOuting;
use App\UseCase\Outing\WriteOuting;
use Symfony\Component\Clock\ClockInterface;

/** Puts outings back as a backup has them, deleted ones deleted. Runs inside the transaction of the restore. */
final readonly class RestoreOutings
{
    public function __construct(
        private OutingRepository $outings,
        private WriteOuting $write,
        private DocumentNormalizer $documents,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param array<string, Water> $waters by id
     * @param array<string, Trip>  $trips  by id
     *
     * @throws InvalidDocument
     */
    public function restore(BackupDocument $backup, array $waters, array $trips): void
    {
        $ids = [];
        foreach ($backup->notebook->outings as $i => $document) {
            $path = "notebook.outings[$i]";
            if (null !== $document->id && isset($ids[$document->id])) {
                throw InvalidDocument::fault("$path.id", 'Another one in this backup has this id already.', Fault::TAKEN);
            }
            $ids[$document->id ?? ''] = true;
            $this->outings->add($this->outing($backup, $document, $path, $waters, $trips));
        }
    }

    /**
     * @param array<string, Water> $waters by id
     * @param array<string, Trip>  $trips  by id
     *
     * @throws InvalidDocument
     */
    private function outing(BackupDocument $backup, OutingDocument $document, string $path, array $waters, array $trips): Outing
    {
        $water = $waters[$document->water_id ?? ''] ?? null;
        if (null !== $document->water_id && null === $water) {
            throw InvalidDocument::fault("$path.water_id", 'There is no water with this id in the backup.', Fault::NO_SUCH_WATER);
        }
        $document->checkTimes($this->clock->now(), SaveOuting::zone($water), "$path.");
        $outing = new Outing(
            $document->id,
            $document->started_at,
            $document->ended_at,
            $water,
            $trips[$document->trip_id ?? ''] ?? null,
            $document->note,
            $this->documents->toStored($document->box),
        );
        $this->write->all($outing, $document, true);
        $at = $backup->deleted[$outing->id()] ?? null;
        if (null !== $at) {
            $outing->delete($at);
        }

        return $outing;
    }
}
