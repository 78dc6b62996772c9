<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Error\ChangedTwice;
use App\Contract\Error\InvalidDocument;
use App\Contract\Error\NotFound;
use App\Contract\Outing\OutingCorrectionDocument;
use App\Contract\Outing\OutingDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Persistence\Rows;
use App\Persistence\Transaction;
use App\UseCase\Saved;
use App\UseCase\Shelf;
use App\UseCase\VersionCheck;

/** Begins an outing, or corrects one that other devices note in. */
final readonly class SaveOuting
{
    public function __construct(
        private Shelf $shelf,
        private Rows $rows,
        private OutingKind $outings,
        private StoredOuting $stored,
        private Transaction $transaction,
        private DocumentNormalizer $documents,
    ) {
    }

    /**
     * An outing that was begun twice, by a phone that got no answer, is begun once: what is there under the id is answered.
     *
     * @throws InvalidDocument where the water or trip is not there, or its times contradict each other
     */
    public function begin(OutingDocument $document): Saved
    {
        return $this->transaction->run(
            fn (): Saved => null === $this->rows->find($this->outings, $document->id)
                ? $this->shelf->add(OutingKind::NAME, $document)
                : $this->shelf->show(OutingKind::NAME, (string) $document->id),
        );
    }

    /**
     * Changes one that other devices may have noted in since it was read: what they said stays.
     *
     * @throws NotFound
     * @throws ChangedTwice    where they changed the same things, and it is not answered which stay
     * @throws InvalidDocument where the times of both contradict each other
     */
    public function correct(string $id, OutingCorrectionDocument $correction): Saved
    {
        return $this->transaction->run(function () use ($id, $correction): Saved {
            $joined = OutingJoin::join(
                $this->stored->plain($this->rows->get($this->outings, $id)),
                $this->documents->toArray($correction->outing),
                $this->documents->toArray($correction->before),
                $correction->answers,
            );
            if ([] !== $joined->conflicts) {
                throw ChangedTwice::outing($joined->conflicts);
            }

            return $this->shelf->change(OutingKind::NAME, $id, $this->stored->document($joined->outing), VersionCheck::ANY);
        });
    }
}
