<?php

declare(strict_types=1);

namespace App\UseCase\Logbook;

use App\Contract\Error\InvalidDocument;
use App\Contract\Logbook\LogbookDocument;
use App\Contract\Logbook\SavedBuildDocument;
use App\Contract\Outing\OutingDocument;
use App\Contract\Outing\SavedTrialDocument;
use App\Contract\Reading\SavedReadingDocument;
use App\Contract\Reading\WaterDocument;
use App\Contract\Trip\SavedTripDocument;
use App\Persistence\Repository\OutingRepository;
use App\Persistence\Repository\SavedBuildRepository;
use App\Persistence\Repository\SavedReadingRepository;
use App\Persistence\Repository\TrialRepository;
use App\Persistence\Repository\TripRepository;
use App\Persistence\Repository\WaterRepository;
use App\Persistence\Transaction;
use App\UseCase\Build\SaveBuild;
use App\UseCase\Outing\KeepTrials;
use App\UseCase\Outing\MergeOuting;
use App\UseCase\Outing\SaveOuting;
use App\UseCase\Trip\SaveTrip;

/**
 * Takes waters, readings, builds, trips, outings and trials in: what is not there yet, all or nothing. What is kept under the same id,
 * changed or deleted since, is left alone; only a known outing is joined with what the file notes.
 */
final readonly class ImportLogbook
{
    public function __construct(
        private WaterRepository $waters,
        private SavedReadingRepository $readings,
        private SavedBuildRepository $builds,
        private TripRepository $trips,
        private SaveWater $saveWater,
        private SaveReading $saveReading,
        private SaveBuild $saveBuild,
        private SaveTrip $saveTrip,
        private OutingRepository $outings,
        private SaveOuting $saveOuting,
        private MergeOuting $mergeOuting,
        private TrialRepository $trials,
        private KeepTrials $keepTrials,
        private KeepCurrentReading $current,
        private Transaction $transaction,
    ) {
    }

    /**
     * @return array{waters: int, readings: int, builds: int, trips: int, outings: int, trials: int} how many were added
     *
     * @throws InvalidDocument
     */
    public function import(LogbookDocument $logbook): array
    {
        return $this->transaction->run(function () use ($logbook): array {
            $waters = array_filter($logbook->waters, fn (WaterDocument $water): bool => !$this->waters->has($water->id));
            array_walk($waters, fn (WaterDocument $water) => $this->saveWater->add($water));
            $readings = array_filter($logbook->readings, fn (SavedReadingDocument $reading): bool => !$this->readings->has($reading->id));
            array_walk($readings, fn (SavedReadingDocument $reading) => $this->saveReading->add($reading));
            $builds = array_filter($logbook->builds, fn (SavedBuildDocument $build): bool => !$this->builds->has($build->id));
            array_walk($builds, fn (SavedBuildDocument $build) => $this->saveBuild->add($build));
            $trips = array_filter($logbook->trips, fn (SavedTripDocument $trip): bool => !$this->trips->has($trip->id));
            array_walk($trips, fn (SavedTripDocument $trip) => $this->saveTrip->add($trip));
            $isNew = fn (OutingDocument $outing): bool => !$this->outings->has($outing->id);
            $outings = array_filter($logbook->outings, $isNew);
            $known = array_diff_key($logbook->outings, $outings);
            foreach ($outings as $outing) {
                $this->saveOuting->add($outing);
                $this->mergeOuting->remember($outing);
            }
            array_walk($known, fn (OutingDocument $outing) => $this->mergeOuting->of($outing));
            $trials = array_filter($logbook->trials, fn (SavedTrialDocument $trial): bool => !$this->trials->has($trial->id));
            array_walk($trials, fn (SavedTrialDocument $trial) => $this->keepTrials->restoreDrawn($trial));
            if (null !== $logbook->desk && null === $this->current->show()) {
                $this->current->replace($logbook->desk);
            }

            return [
                'waters' => \count($waters),
                'readings' => \count($readings),
                'builds' => \count($builds),
                'trips' => \count($trips),
                'outings' => \count($outings),
                'trials' => \count($trials),
            ];
        });
    }
}
