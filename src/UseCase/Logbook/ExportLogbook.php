<?php

declare(strict_types=1);

namespace App\UseCase\Logbook;

use App\Persistence\Entity\SavedBuild;
use App\Persistence\Entity\Trial;
use App\Persistence\Entity\Trip;
use App\Persistence\Repository\SavedBuildRepository;
use App\Persistence\Repository\TrialRepository;
use App\Persistence\Repository\TripRepository;
use App\UseCase\Outing\ExportOutings;

/** Waters, readings, builds, trips, outings and trials as one document. */
final readonly class ExportLogbook
{
    public function __construct(
        private FindWaters $waters,
        private FindReadings $readings,
        private SavedBuildRepository $builds,
        private TripRepository $trips,
        private ExportOutings $outings,
        private TrialRepository $trials,
        private KeepCurrentReading $current,
    ) {
    }

    /** @return array<string, mixed> a logbook document of everything on the lists; a water that is off the list is not named either */
    public function all(): array
    {
        $waters = $this->waters->list()->documents;
        $known = array_column($waters, 'id');
        $without = static fn (array $document): array => \in_array($document['water_id'], $known, true)
            ? $document
            : ['water_id' => null] + $document;
        $current = $this->current->show()?->document;

        return [
            'waters' => $waters,
            'readings' => array_map($without, $this->readings->list()->documents),
            'builds' => array_map(
                static fn (SavedBuild $build): array => ['id' => $build->id(), ...$build->fields()],
                $this->builds->all(),
            ),
            'trips' => array_map(
                static fn (Trip $trip): array => $without(['id' => $trip->id(), ...$trip->fields()]),
                $this->trips->all(),
            ),
            'outings' => array_map($without, $this->outings->all()),
            'trials' => array_map(
                static fn (Trial $trial): array => ['id' => $trial->id(), ...$trial->fields()],
                $this->trials->all(),
            ),
            'desk' => null === $current ? null : $without($current),
        ];
    }
}
