<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Error\ChangedTwice;
use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Error\NotFound;
use App\Contract\Error\StaleDocument;
use App\Contract\Outing\OutingCorrectionDocument;
use App\Contract\Outing\OutingDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Persistence\Entity\Outing;
use App\Persistence\Entity\Trip;
use App\Persistence\Entity\Water;
use App\Persistence\Repository\OutingRepository;
use App\Persistence\Repository\TripRepository;
use App\Persistence\Transaction;
use App\UseCase\Kept;
use App\UseCase\Logbook\NamedWater;
use App\UseCase\VersionCheck;
use Symfony\Component\Clock\ClockInterface;

/** Keeps an outing with all that is in it, or changes one. */
final readonly class SaveOuting
{
    public function __construct(
        private OutingRepository $outings,
        private TripRepository $trips,
        private NamedWater $waters,
        private WriteOuting $write,
        private TakeFromStock $stock,
        private StoredOuting $stored,
        private Transaction $transaction,
        private DocumentNormalizer $documents,
        private ClockInterface $clock,
    ) {
    }

    /**
     * An outing that was begun twice, by a phone that got no answer, is begun once: what is there under the id is answered.
     *
     * @throws InvalidDocument where the water or trip is not there, or its times contradict each other
     */
    public function begin(OutingDocument $document): Kept
    {
        $known = null === $document->id ? null : $this->outings->find($document->id);

        return null === $known ? $this->add($document) : FindOutings::kept($known);
    }

    /** @throws InvalidDocument where the id is taken, the water or trip is not there, or its times contradict each other */
    public function add(OutingDocument $document): Kept
    {
        return FindOutings::kept($this->transaction->run(function () use ($document): Outing {
            if ($this->outings->has($document->id)) {
                $says = 'There is already an outing with this id. Change that one, or leave the id out.';
                throw InvalidDocument::fault('id', $says, Fault::TAKEN);
            }
            $water = $this->waters->of($document->water_id);
            $document->checkTimes($this->clock->now(), self::zone($water));
            $outing = new Outing(
                $document->id,
                $document->started_at,
                $document->ended_at,
                $water,
                $this->trip($document->trip_id),
                $document->note,
                $this->documents->toStored($document->box),
            );
            $this->outings->add($outing);
            $this->write->all($outing, $document);
            $this->stock->settle([], $outing);

            return $outing;
        }));
    }

    /**
     * @param int|null $version the one that was read; null for the document's own
     *
     * @throws NotFound
     * @throws StaleDocument   where it was changed since
     * @throws InvalidDocument
     */
    public function change(string $id, OutingDocument $document, ?int $version): Kept
    {
        return FindOutings::kept($this->transaction->run(function () use ($id, $document, $version): Outing {
            $outing = $this->outings->get($id);
            VersionCheck::expect($version ?? $document->version ?? 0, FindOutings::kept($outing), 'This outing');
            $this->replace($outing, $document);

            return $outing;
        }));
    }

    /**
     * Changes one that other devices may have noted in since it was read: what they said stays.
     *
     * @throws NotFound
     * @throws ChangedTwice    where they changed the same things, and it is not answered which stay
     * @throws InvalidDocument where the times of both contradict each other
     */
    public function correct(string $id, OutingCorrectionDocument $correction): Kept
    {
        return FindOutings::kept($this->transaction->run(function () use ($id, $correction): Outing {
            $outing = $this->outings->get($id);
            $joined = OutingJoin::of(
                $this->stored->plain($outing),
                $this->documents->toArray($correction->outing),
                $this->documents->toArray($correction->before),
                $correction->answers,
            );
            if ([] !== $joined->conflicts) {
                throw ChangedTwice::outing($joined->conflicts);
            }
            $this->replace($outing, $this->stored->document($joined->outing));

            return $outing;
        }));
    }

    /**
     * Makes it what the document says. Only ever called inside a transaction.
     *
     * @throws InvalidDocument where the water or trip is not there, or its times contradict each other
     */
    public function replace(Outing $outing, OutingDocument $document): void
    {
        $water = $this->waters->of($document->water_id, $outing->water());
        $trip = $document->trip_id === $outing->tripId() ? $outing->trip() : $this->trip($document->trip_id);
        $document->checkTimes($this->clock->now(), self::zone($water));
        $worn = $this->stock->worn($outing);
        $outing->replace(
            $document->started_at,
            $document->ended_at,
            $water,
            $trip,
            $document->note,
            $this->documents->toStored($document->box),
        );
        $this->write->all($outing, $document);
        $this->stock->settle($worn, $outing);
    }

    /** The clock that people keep there; without a place, that of the machine. */
    public static function zone(?Water $water): \DateTimeZone
    {
        return $water?->place()->zone ?? new \DateTimeZone(date_default_timezone_get());
    }

    /** @throws InvalidDocument */
    private function trip(?string $id): ?Trip
    {
        return null === $id ? null : $this->trips->find($id)
            ?? throw InvalidDocument::fault('trip_id', 'There is no trip with this id.', Fault::NOT_FOUND);
    }
}
