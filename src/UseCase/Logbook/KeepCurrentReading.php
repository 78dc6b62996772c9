<?php

declare(strict_types=1);

namespace App\UseCase\Logbook;

use App\Contract\Error\InvalidDocument;
use App\Contract\Error\StaleDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reading\CurrentReadingDocument;
use App\Persistence\Entity\CurrentReading;
use App\Persistence\Repository\CurrentReadingRepository;
use App\Persistence\Transaction;
use App\UseCase\Kept;
use App\UseCase\SetAsideUnreadable;
use App\UseCase\VersionCheck;

/** The reading being worked on: what it is, and what it becomes. */
final readonly class KeepCurrentReading
{
    public function __construct(
        private CurrentReadingRepository $readings,
        private NamedWater $waters,
        private Transaction $transaction,
        private DocumentNormalizer $documents,
        private SetAsideUnreadable $setAside,
    ) {
    }

    public function show(): ?Kept
    {
        $current = $this->readings->current();

        return null === $current ? null : self::kept($current);
    }

    /**
     * @param int|null $version the one that was read; null to write whatever is there
     *
     * @throws InvalidDocument where the water is not there
     * @throws StaleDocument   where it was changed since
     */
    public function replace(CurrentReadingDocument $document, ?int $version = null): Kept
    {
        return self::kept($this->transaction->run(function () use ($document, $version): CurrentReading {
            $reading = $this->documents->toStored($document->reading);
            $current = $this->readings->findAny(CurrentReading::ONLY);
            $water = $this->waters->of($document->water_id, $current?->water());
            if (null === $current) {
                $current = new CurrentReading($reading, $water);
                $this->readings->add($current);

                return $current;
            }
            if (!$this->setAside->ifUnreadable($current)) {
                VersionCheck::expect($version, self::kept($current), 'The current reading');
            }
            $current->replace($reading, $water);

            return $current;
        }));
    }

    private static function kept(CurrentReading $current): Kept
    {
        return new Kept($current->id(), $current->version(), $current->toArray());
    }
}
