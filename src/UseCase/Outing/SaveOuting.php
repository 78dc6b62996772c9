<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Error\InvalidDocument;
use App\Contract\Outing\OutingDocument;
use App\Persistence\Rows;
use App\Persistence\Transaction;
use App\UseCase\Saved;
use App\UseCase\Shelf;

/** Begins an outing, or saves one from memory. */
final readonly class SaveOuting
{
    public function __construct(
        private Shelf $shelf,
        private Rows $rows,
        private OutingKind $outings,
        private Transaction $transaction,
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
}
