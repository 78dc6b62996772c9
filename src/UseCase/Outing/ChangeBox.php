<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Error\NotFound;
use App\Contract\Error\StaleDocument;
use App\Contract\Outing\BoxChangeDocument;
use App\Contract\Outing\CarriedBoxDocument;
use App\Persistence\Entity\Outing;
use App\Persistence\Kind\Documents;
use App\Persistence\Rows;
use App\Persistence\Transaction;
use App\UseCase\Saved;

/**
 * Changes what is in the box of an outing. The version of the outing says nothing about it, for that grows with every note; so the box that
 * is there is compared with the one the change was made to.
 */
final readonly class ChangeBox
{
    public function __construct(
        private Rows $rows,
        private OutingKind $outings,
        private Documents $documents,
        private Transaction $transaction,
    ) {
    }

    /**
     * @throws NotFound
     * @throws StaleDocument where another device has changed it; making the same change twice is making it once
     */
    public function change(string $id, BoxChangeDocument $change): Saved
    {
        $shape = $this->outings->shape();
        $before = $this->documents->stored($change->before, $shape);
        $box = $this->documents->stored($change->box, $shape);
        $outing = $this->transaction->run(function () use ($id, $before, $box, $shape): Outing {
            $outing = $this->rows->get($this->outings, $id);
            $there = $this->documents->read($outing->document(), CarriedBoxDocument::class);
            if (!\in_array($this->documents->stored($there, $shape)->raw(), [$before->raw(), $box->raw()], true)) {
                throw StaleDocument::changed('The box', $there, $outing->version());
            }
            $outing->fill($box);

            return $outing;
        });

        return Saved::of($this->outings, $outing);
    }
}
