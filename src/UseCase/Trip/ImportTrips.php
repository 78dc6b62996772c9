<?php

declare(strict_types=1);

namespace App\UseCase\Trip;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Reader\DocumentReader;
use App\Contract\Trip\SavedTripDocument;
use App\Format\TripsTable;
use App\Persistence\Kind\TripKind;
use App\Persistence\Rows;
use App\Persistence\Transaction;
use App\UseCase\Shelf;

/** Takes trips from a table in: what is not there yet, all or nothing. */
final readonly class ImportTrips
{
    public function __construct(
        private Rows $rows,
        private TripKind $trips,
        private Shelf $shelf,
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
                    if (null === $this->rows->findAny($this->trips, $trip->id)) {
                        $this->shelf->add(TripKind::NAME, $trip);
                        ++$added;
                    }
                } catch (InvalidDocument $invalid) {
                    array_push($faults, ...$invalid->onLine($line));
                }
            }

            return [] === $faults ? $added : throw InvalidDocument::because($faults);
        });
    }
}
