<?php

declare(strict_types=1);

namespace App\UseCase\Logbook;

use App\Persistence\Entity\SavedBuild;
use App\Persistence\Entity\Trip;
use App\Persistence\Repository\SavedBuildRepository;
use App\Persistence\Repository\TripRepository;

/** Waters, readings, builds and trips as one document. */
final readonly class ExportLogbook
{
    public function __construct(
        private FindWaters $waters,
        private FindReadings $readings,
        private SavedBuildRepository $builds,
        private TripRepository $trips,
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
            'desk' => null === $current ? null : $without($current),
        ];
    }
}
