<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Error\InvalidDocument;
use App\Contract\Outing\OutingDocument;
use App\Persistence\Repository\OutingEventRepository;
use App\Persistence\Repository\OutingRepository;
use Symfony\Component\Clock\ClockInterface;

/**
 * Adds to a known outing what a file has noted since: a phone that cannot reach the program hands its notes back more than once in a day.
 * What is kept is never changed. Only ever called inside a transaction.
 */
final readonly class MergeOuting
{
    public function __construct(
        private OutingRepository $outings,
        private OutingEventRepository $events,
        private WriteOuting $write,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return int how many notes were new
     *
     * @throws InvalidDocument where its times contradict those that are kept
     */
    public function of(OutingDocument $document): int
    {
        $outing = null === $document->id ? null : $this->outings->find($document->id);
        if (null === $outing) {
            // Deleted since, which stands.
            return 0;
        }
        $added = 0;
        foreach ($document->stints as $stintDocument) {
            $stint = null === $stintDocument->id ? null : $outing->stint($stintDocument->id);
            if (null === $stint) {
                $stint = $this->write->stint($outing, $stintDocument);
                ++$added;
            } elseif (null === $stint->endedAt() && null !== $stintDocument->ended_at) {
                $stint->end($stintDocument->ended_at);
                ++$added;
            }
            foreach ($stintDocument->events as $event) {
                if (null === $event->id || null === $this->events->find($event->id)) {
                    $this->write->event($stint, $event);
                    ++$added;
                }
            }
        }
        if (null === $outing->endedAt() && null !== $document->ended_at) {
            $outing->end($document->ended_at);
            ++$added;
        }
        if ($added > 0) {
            $outing->noted();
            NoteOuting::check($outing, $this->clock->now());
        }

        return $added;
    }
}
