<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Error\InvalidDocument;
use App\Contract\Error\NotFound;
use App\Contract\Outing\OutingEventDocument;
use App\Contract\Outing\StintDocument;
use App\Persistence\Entity\Outing;
use App\Persistence\Entity\Stint;
use App\Persistence\Repository\OutingEventRepository;
use App\Persistence\Repository\OutingRepository;
use App\Persistence\Transaction;
use App\UseCase\Kept;
use Kontrast\Logbook\Angler;
use Kontrast\Logbook\NotAnOuting;
use Kontrast\Logbook\OutingTimes;
use Kontrast\Logbook\StintTimes;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/**
 * Notes on the water, one tap at a time and by any device: each note has an id of its own, made by whoever notes it, so that sending it
 * again changes nothing, and two devices add to one outing without knowing of each other.
 */
final readonly class NoteOuting
{
    public function __construct(
        private OutingRepository $outings,
        private OutingEventRepository $events,
        private WriteOuting $write,
        private Transaction $transaction,
        private ClockInterface $clock,
    ) {
    }

    /**
     * Ties a lure on, or changes the note of it. A new one ends what was still on; what another device noted there after that belongs to
     * the new one.
     *
     * @throws NotFound
     * @throws InvalidDocument where it starts before what was on had begun
     */
    public function stint(string $id, string $stintId, StintDocument $document): Kept
    {
        return $this->note($id, function (Outing $outing) use ($stintId, $document): void {
            self::expectId($document->id, $stintId);
            $before = null === $outing->stint($stintId) ? self::open($outing, $document->angler) : null;
            $before?->end(max($document->started_at, $before->startedAt()));
            $stint = $this->write->stint($outing, $document->named($stintId));
            foreach ($before?->events() ?? [] as $event) {
                if ($event->at() > $stint->startedAt()) {
                    $event->moveTo($stint);
                }
            }
        });
    }

    /**
     * Takes a stint that was tied on by mistake off the list, and lets the one before it go on.
     *
     * @throws NotFound
     * @throws InvalidDocument where something happened in it
     */
    public function removeStint(string $id, string $stintId): Kept
    {
        return $this->note($id, static function (Outing $outing) use ($stintId): void {
            $stint = $outing->stint($stintId) ?? throw NotFound::of('stint');
            if ([] !== $stint->events()) {
                throw InvalidDocument::fault('stint', 'Something was noted while this lure was on. Remove that first.');
            }
            $outing->remove($stint);
            $before = self::before($outing, $stint);
            if (null === $stint->endedAt() && null !== $before) {
                $before->goOn();
            }
        });
    }

    /**
     * Notes what happened under the stint that was running then, whichever device began it.
     *
     * @throws NotFound
     * @throws InvalidDocument where nothing was tied on then
     */
    public function event(string $id, string $eventId, OutingEventDocument $document): Kept
    {
        return $this->note($id, function (Outing $outing) use ($eventId, $document): void {
            self::expectId($document->id, $eventId);
            $stint = self::runningAt($outing, $document->at, $document->angler)
                ?? throw self::refuse(NotAnOuting::noStint('at', self::clock($document->at, $outing)));
            $this->write->event($stint, $document->named($eventId));
        });
    }

    /** @throws NotFound */
    public function removeEvent(string $id, string $eventId): Kept
    {
        return $this->note($id, function (Outing $outing) use ($eventId): void {
            $event = $this->events->find($eventId);
            if (null === $event || $event->stint()->outing() !== $outing) {
                throw NotFound::of('event');
            }
            $this->write->remove($event);
        });
    }

    /**
     * Ends the outing and what was still on.
     *
     * @throws NotFound
     * @throws InvalidDocument where something was noted after that
     */
    public function end(string $id, \DateTimeImmutable $at): Kept
    {
        return $this->note($id, static function (Outing $outing) use ($at): void {
            $outing->end($at);
            foreach ($outing->stints() as $stint) {
                if (null === $stint->endedAt()) {
                    $stint->end(max($at, $stint->startedAt()));
                }
            }
        });
    }

    /**
     * @param callable(Outing): void $change
     *
     * @throws NotFound
     * @throws InvalidDocument
     */
    private function note(string $id, callable $change): Kept
    {
        return FindOutings::kept($this->transaction->run(function () use ($id, $change): Outing {
            $outing = $this->outings->get($id);
            $change($outing);
            $outing->noted();
            $this->check($outing);

            return $outing;
        }));
    }

    /** @throws InvalidDocument where its times contradict each other now */
    private function check(Outing $outing): void
    {
        $stints = array_map(static fn (Stint $stint): StintTimes => $stint->times(), $outing->stints());
        try {
            OutingTimes::of($outing->startedAt(), $outing->endedAt(), $stints, $this->clock->now(), SaveOuting::zone($outing->water()));
        } catch (NotAnOuting $error) {
            throw self::refuse($error);
        }
    }

    /** My own lure, or the partner's where it is known; an unknown one of the partner's is noted beside mine. */
    private static function runningAt(Outing $outing, \DateTimeImmutable $at, Angler $angler): ?Stint
    {
        $running = array_filter($outing->stints(), static fn (Stint $stint): bool => $stint->times()->holds($at));
        foreach ([$angler, Angler::Me] as $whose) {
            $own = array_filter($running, static fn (Stint $stint): bool => $stint->angler() === $whose);
            if ([] !== $own) {
                return $own[array_key_last($own)];
            }
        }

        return null;
    }

    /** What an angler has on. */
    private static function open(Outing $outing, Angler $angler): ?Stint
    {
        foreach ($outing->stints() as $stint) {
            if (null === $stint->endedAt() && $stint->angler() === $angler) {
                return $stint;
            }
        }

        return null;
    }

    private static function before(Outing $outing, Stint $stint): ?Stint
    {
        $earlier = array_filter(
            $outing->stints(),
            static fn (Stint $one): bool => $one !== $stint
                && $one->angler() === $stint->angler()
                && $one->startedAt() <= $stint->startedAt(),
        );

        return [] === $earlier ? null : $earlier[array_key_last($earlier)];
    }

    /** @throws InvalidDocument where a note names another id than its address, or that is none */
    private static function expectId(?string $named, string $id): void
    {
        if (!Uuid::isValid($id)) {
            throw InvalidDocument::fault('id', "“{$id}” is not a UUID.");
        }
        if (null !== $named && $named !== $id) {
            throw InvalidDocument::fault('id', 'The id is not the one in the address.');
        }
    }

    private static function clock(\DateTimeImmutable $at, Outing $outing): string
    {
        return $at->setTimezone(SaveOuting::zone($outing->water()))->format('Y-m-d H:i');
    }

    private static function refuse(NotAnOuting $error): InvalidDocument
    {
        return InvalidDocument::fault($error->field, $error->getMessage());
    }
}
