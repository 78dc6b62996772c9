<?php

declare(strict_types=1);

namespace App\UseCase\Logbook;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reading\SavedReadingDocument;
use App\Persistence\Entity\SavedReading;
use App\Persistence\Repository\SavedReadingRepository;
use App\Persistence\Transaction;
use App\UseCase\Kept;
use Symfony\Component\Clock\ClockInterface;

/** Saves a reading with its time and place. */
final readonly class SaveReading
{
    public function __construct(
        private SavedReadingRepository $readings,
        private NamedWater $waters,
        private Transaction $transaction,
        private DocumentNormalizer $documents,
        private ClockInterface $clock,
    ) {
    }

    /** @throws InvalidDocument where the water is not there or the id is taken */
    public function add(SavedReadingDocument $document): Kept
    {
        return FindReadings::kept($this->transaction->run(function () use ($document): SavedReading {
            if (null !== $document->id && null !== $this->readings->findAny($document->id)) {
                throw InvalidDocument::fault(
                    'id',
                    'There is already a reading with this id. Leave the id out to save another.',
                    Fault::TAKEN,
                );
            }
            $reading = new SavedReading(
                $document->id,
                $document->taken_at ?? $this->clock->now(),
                $this->documents->toStored($document->reading),
                $document->reading->lure,
                $this->waters->of($document->water_id),
                $document->note,
            );
            $this->readings->add($reading);

            return $reading;
        }));
    }
}
