<?php

declare(strict_types=1);

namespace App\UseCase\Trip;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Error\NotFound;
use App\Contract\Error\StaleDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Trip\SavedTripDocument;
use App\Persistence\Entity\Trip;
use App\Persistence\Repository\TripRepository;
use App\Persistence\Transaction;
use App\UseCase\Kept;
use App\UseCase\Logbook\NamedWater;
use App\UseCase\VersionCheck;

/** Keeps a trip, or changes one. */
final readonly class SaveTrip
{
    public function __construct(
        private TripRepository $trips,
        private NamedWater $waters,
        private Transaction $transaction,
        private DocumentNormalizer $documents,
    ) {
    }

    /** @throws InvalidDocument where the id is taken, the water is not there, or it cannot be a day on the water */
    public function add(SavedTripDocument $document): Kept
    {
        $document->trip->toPlan('trip.');

        return FindTrips::kept($this->transaction->run(function () use ($document): Trip {
            if ($this->trips->has($document->id)) {
                throw InvalidDocument::fault(
                    'id',
                    'There is already a trip with this id. Change that one, or leave the id out.',
                    Fault::TAKEN,
                );
            }
            $trip = new Trip(
                $document->id,
                trim($document->name),
                $document->note,
                $document->trip->date,
                $this->waters->of($document->water_id),
                $this->documents->toStored($document->trip),
            );
            $this->trips->add($trip);

            return $trip;
        }));
    }

    /**
     * @param int|null $version the one that was read; null for the document's own
     *
     * @throws NotFound
     * @throws StaleDocument   where it was changed since
     * @throws InvalidDocument
     */
    public function change(string $id, SavedTripDocument $document, ?int $version): Kept
    {
        $document->trip->toPlan('trip.');

        return FindTrips::kept($this->transaction->run(function () use ($id, $document, $version): Trip {
            $trip = $this->trips->get($id);
            VersionCheck::expect($version ?? $document->version ?? 0, FindTrips::kept($trip), "“{$trip->name()}”");
            $trip->replace(
                trim($document->name),
                $document->note,
                $document->trip->date,
                $this->waters->of($document->water_id, $trip->water()),
                $this->documents->toStored($document->trip),
            );

            return $trip;
        }));
    }
}
