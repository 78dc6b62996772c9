<?php

declare(strict_types=1);

namespace App\UseCase\Backup;

use App\Contract\Backup\BackupDocument;
use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Persistence\Entity\CurrentReading;
use App\Persistence\Entity\SavedBuild;
use App\Persistence\Entity\SavedReading;
use App\Persistence\Entity\Trial;
use App\Persistence\Entity\Trip;
use App\Persistence\Entity\Water;
use App\Persistence\Repository\CurrentReadingRepository;
use App\Persistence\Repository\SavedBuildRepository;
use App\Persistence\Repository\SavedReadingRepository;
use App\Persistence\Repository\TrialRepository;
use App\Persistence\Repository\TripRepository;
use App\Persistence\Repository\WaterRepository;
use Symfony\Component\Clock\ClockInterface;

/** Puts the logbook back as a backup has it, deleted entries deleted. Runs inside the transaction of the restore. */
final readonly class RestoreLogbook
{
    public function __construct(
        private WaterRepository $waters,
        private SavedReadingRepository $readings,
        private SavedBuildRepository $builds,
        private TripRepository $trips,
        private TrialRepository $trials,
        private RestoreOutings $outings,
        private CurrentReadingRepository $current,
        private DocumentNormalizer $documents,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return array{waters: int, readings: int, builds: int, trips: int, outings: int, trials: int}
     *
     * @throws InvalidDocument
     */
    public function restore(BackupDocument $backup): array
    {
        $notebook = $backup->notebook;
        $waters = [];
        foreach ($notebook->waters as $i => $document) {
            $water = new Water($document);
            self::unique($waters, $water->id(), "notebook.waters[$i].id");
            $waters[$water->id()] = $water;
            $this->waters->add($this->deletedAsIn($backup, $water));
        }
        $this->readings($backup, $waters);
        $this->builds($backup);
        $trips = $this->trips($backup, $waters);
        $this->outings->restore($backup, $waters, $trips);
        $this->trials($backup);
        if (null !== $notebook->desk) {
            $water = self::water($backup, $waters, $notebook->desk->water_id, 'notebook.desk.water_id');
            $this->current->add(new CurrentReading($this->documents->toStored($notebook->desk->reading), $water));
        }

        return [
            'waters' => $backup->countListed($notebook->waters),
            'readings' => $backup->countListed($notebook->readings),
            'builds' => $backup->countListed($notebook->builds),
            'trips' => $backup->countListed($notebook->trips),
            'outings' => $backup->countListed($notebook->outings),
            'trials' => $backup->countListed($notebook->trials),
        ];
    }

    /** @param array<string, Water> $waters */
    private function readings(BackupDocument $backup, array $waters): void
    {
        $ids = [];
        foreach ($backup->notebook->readings as $i => $document) {
            $reading = new SavedReading(
                $document->id,
                $document->taken_at ?? $this->clock->now(),
                $this->documents->toStored($document->reading),
                $document->reading->lure,
                self::water($backup, $waters, $document->water_id, "notebook.readings[$i].water_id"),
                $document->note,
            );
            self::unique($ids, $reading->id(), "notebook.readings[$i].id");
            $ids[$reading->id()] = true;
            $this->readings->add($this->deletedAsIn($backup, $reading));
        }
    }

    private function builds(BackupDocument $backup): void
    {
        $ids = [];
        foreach ($backup->notebook->builds as $i => $document) {
            $build = new SavedBuild(
                $document->id,
                trim($document->name),
                $document->note,
                $document->build->lure,
                $this->documents->toStored($document->build),
                $document->photo,
            );
            self::unique($ids, $build->id(), "notebook.builds[$i].id");
            $ids[$build->id()] = true;
            $this->builds->add($this->deletedAsIn($backup, $build));
        }
    }

    /**
     * @param array<string, Water> $waters
     *
     * @return array<string, Trip> by id
     */
    private function trips(BackupDocument $backup, array $waters): array
    {
        $ids = [];
        foreach ($backup->notebook->trips as $i => $document) {
            $trip = new Trip(
                $document->id,
                trim($document->name),
                $document->note,
                $document->trip->date,
                self::water($backup, $waters, $document->water_id, "notebook.trips[$i].water_id"),
                $this->documents->toStored($document->trip),
            );
            self::unique($ids, $trip->id(), "notebook.trips[$i].id");
            $ids[$trip->id()] = $trip;
            $this->trips->add($this->deletedAsIn($backup, $trip));
        }

        return $ids;
    }

    private function trials(BackupDocument $backup): void
    {
        $ids = [];
        foreach ($backup->notebook->trials as $i => $document) {
            $trial = new Trial(
                $document->id,
                trim($document->name),
                $document->begun_at ?? $this->clock->now(),
                $this->documents->toStored($document->trial),
            );
            self::unique($ids, $trial->id(), "notebook.trials[$i].id");
            $ids[$trial->id()] = true;
            $this->trials->add($this->deletedAsIn($backup, $trial));
        }
    }

    /**
     * @template T of Water|SavedReading|SavedBuild|Trip|Trial
     *
     * @param T $one
     *
     * @return T
     */
    private function deletedAsIn(
        BackupDocument $backup,
        Water|SavedReading|SavedBuild|Trip|Trial $one,
    ): Water|SavedReading|SavedBuild|Trip|Trial {
        $at = $backup->deleted[$one->id()] ?? null;
        if (null !== $at) {
            $one->delete($at);
        }

        return $one;
    }

    /**
     * Version 1 left deleted waters out and named them all the same.
     *
     * @param array<string, Water> $waters by id
     */
    private static function water(BackupDocument $backup, array $waters, ?string $id, string $field): ?Water
    {
        if (null === $id || isset($waters[$id]) || 1 === $backup->kontrast) {
            return $waters[$id ?? ''] ?? null;
        }
        throw InvalidDocument::fault($field, 'There is no water with this id in the backup.', Fault::NO_SUCH_WATER);
    }

    /** @param array<string, mixed> $seen by id */
    private static function unique(array $seen, string $id, string $field): void
    {
        if (isset($seen[$id])) {
            throw InvalidDocument::fault($field, 'Another one in this backup has this id already.', Fault::TAKEN);
        }
    }
}
