<?php

declare(strict_types=1);

namespace App\UseCase\Trip;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Reader\DocumentReader;
use App\Contract\Trip\SavedTripDocument;
use App\Format\TripsTable;
use App\Persistence\Repository\TripRepository;
use App\Persistence\Transaction;

/** Takes trips from a table in: what is not there yet, all or nothing. */
final readonly class ImportTrips
{
    public function __construct(
        private TripRepository $trips,
        private SaveTrip $save,
        private DocumentReader $reader,
        private Transaction $transaction,
    ) {
    }

    /**
     * @return int how many were added
     *
     * @throws InvalidDocument with the line of each fault; nothing is stored then
     */
    public function import(string $csv): int
    {
        return $this->transaction->run(function () use ($csv): int {
            $faults = [];
            $added = 0;
            foreach (TripsTable::read($csv) as [$line, $data, $fault]) {
                if (null !== $fault) {
                    $faults[] = new Fault("line $line", $fault->message, $fault->code);
                    continue;
                }
                try {
                    $trip = $this->reader->read(json_encode($data, \JSON_THROW_ON_ERROR), SavedTripDocument::class);
                    if (!$this->trips->has($trip->id)) {
                        $this->save->add($trip);
                        ++$added;
                    }
                } catch (InvalidDocument $invalid) {
                    foreach ($invalid->faults as $fault) {
                        $faults[] = new Fault(trim("line $line {$fault->field}"), $fault->message, $fault->code);
                    }
                }
            }

            return [] === $faults ? $added : throw InvalidDocument::because($faults);
        });
    }
}
