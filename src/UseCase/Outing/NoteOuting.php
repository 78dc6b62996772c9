<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Error\InvalidDocument;
use App\Contract\Error\NotFound;
use App\Contract\Outing\OutingEventDocument;
use App\Contract\Outing\StintDocument;
use App\Persistence\Entity\Outing;
use App\Persistence\Entity\Stint;
use App\Persistence\Entity\Water;
use App\Persistence\Repository\OutingEventRepository;
use App\Persistence\Rows;
use App\Persistence\Transaction;
use App\UseCase\Saved;
use Kontrast\Logbook\Angler;
use Kontrast\Logbook\NotAnOuting;
use Kontrast\Logbook\OutingTimes;
use Kontrast\Logbook\StintTimes;
use Kontrast\Measure\TimeOfDay;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/**
 * Notes on the water, one tap at a time and by any device: each note has an id of its own, made by whoever notes it, so that sending it
 * again changes nothing, and two devices add to one outing without knowing of each other.
 */
final readonly class NoteOuting
{
    public function __construct(
        private Rows $rows,
        private OutingKind $outings,
        private OutingEventRepository $events,
        private WriteOuting $write,
        private TakeFromStock $stock,
        private Transaction $transaction,
        private ClockInterface $clock,
    ) {
    }

    /**
     * Ties a lure on, or changes the note of it. A new one ends what was on then; what another device noted there after that belongs to
     * the new one. One that comes late, from a device that had no signal, ends where the one after it begins.
     *
     * @throws NotFound
     * @throws InvalidDocument where its times contradict those of the others
     */
    public function stint(string $id, string $stintId, StintDocument $document): Saved
    {
        return $this->note($id, function (Outing $outing) use ($stintId, $document): void {
            self::expectId($document->id, $stintId);
            $known = $outing->stint($stintId);
            $isNew = null === $known;
            // Sent again, where no answer came: another device may have ended it since.
            $ended = $known?->endedAt();
            $before = $isNew ? self::onAt($outing, $document) : null;
            $next = $isNew ? self::after($outing, $document) : null;
            $before?->end(max($document->started_at, $before->startedAt()));
            $stint = $this->write->stint($outing, $document->named($stintId));
            $end = $ended ?? $next?->startedAt();
            if (null === $stint->endedAt() && null !== $end) {
                $stint->end($end);
            }
            foreach ($before?->events() ?? [] as $event) {
                if ($event->at() > $stint->startedAt() && (null === $stint->endedAt() || $event->at() <= $stint->endedAt())) {
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
    public function removeStint(string $id, string $stintId): Saved
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
    public function event(string $id, string $eventId, OutingEventDocument $document): Saved
    {
        return $this->note($id, function (Outing $outing) use ($eventId, $document): void {
            self::expectId($document->id, $eventId);
            $stint = self::runningAt($outing, $document->at, $document->angler)
                ?? throw self::refuse(NotAnOuting::noStint('at', self::clock($document->at, $outing)));
            $this->write->event($stint, $document->named($eventId));
        });
    }

    /** @throws NotFound */
    public function removeEvent(string $id, string $eventId): Saved
    {
        return $this->note($id, function (Outing $outing) use ($eventId): void {
            $event = $this->events->find($eventId);
            if (null === $event || $event->stint()->outing() !== $outing) {
                throw NotFound::of('event');
            }
            $this->events->remove($event);
        });
    }

    /**
     * Ends the outing and what was still on.
     *
     * @throws NotFound
     * @throws InvalidDocument where something was noted after that
     */
    public function end(string $id, \DateTimeImmutable $at): Saved
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
    private function note(string $id, callable $change): Saved
    {
        $outing = $this->transaction->run(function () use ($id, $change): Outing {
            $outing = $this->rows->get($this->outings, $id);
            $worn = $this->stock->worn($outing);
            $change($outing);
            $this->stock->settle($worn, $outing);
            $outing->noted();
            self::check($outing, $this->clock->now());

            return $outing;
        });

        return Saved::of($this->outings, $outing);
    }

    /** @throws InvalidDocument where its times contradict each other now */
    public static function check(Outing $outing, \DateTimeImmutable $now): void
    {
        $stints = array_map(static fn (Stint $stint): StintTimes => $stint->times(), $outing->stints());
        try {
            OutingTimes::of($outing->startedAt(), $outing->endedAt(), $stints, $now, Water::clockAt($outing->water()));
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

    /** What the angler had on when another lure was tied on, or still has. */
    private static function onAt(Outing $outing, StintDocument $tied): ?Stint
    {
        $on = array_filter(
            $outing->stints(),
            static fn (Stint $stint): bool => $stint->angler() === $tied->angler && $stint->startedAt() <= $tied->started_at
                && (null === $stint->endedAt() || $stint->endedAt() > $tied->started_at),
        );

        return [] === $on ? null : $on[array_key_last($on)];
    }

    /** What the angler tied on next, as another device has noted already. */
    private static function after(Outing $outing, StintDocument $tied): ?Stint
    {
        foreach ($outing->stints() as $stint) {
            if ($stint->angler() === $tied->angler && $stint->startedAt() > $tied->started_at) {
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
        return TimeOfDay::withDay($at->setTimezone(Water::clockAt($outing->water())));
    }

    private static function refuse(NotAnOuting $error): InvalidDocument
    {
        return InvalidDocument::fault($error->field, $error->getMessage());
    }
}
