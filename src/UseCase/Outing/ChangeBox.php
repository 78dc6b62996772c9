<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Error\NotFound;
use App\Contract\Error\StaleDocument;
use App\Contract\Outing\BoxChangeDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Persistence\Entity\Outing;
use App\Persistence\Repository\OutingRepository;
use App\Persistence\Transaction;
use App\UseCase\Kept;

/**
 * Changes what is in the box of an outing. The version of the outing says nothing about it, for that grows with every note; so the box that
 * is there is compared with the one the change was made to.
 */
final readonly class ChangeBox
{
    public function __construct(
        private OutingRepository $outings,
        private DocumentNormalizer $documents,
        private Transaction $transaction,
    ) {
    }

    /**
     * @throws NotFound
     * @throws StaleDocument where another device has changed it; making the same change twice is making it once
     */
    public function of(string $id, BoxChangeDocument $change): Kept
    {
        $before = $this->documents->toStored($change->before);
        $box = $this->documents->toStored($change->box);

        return FindOutings::kept($this->transaction->run(function () use ($id, $before, $box): Outing {
            $outing = $this->outings->get($id);
            $there = $outing->document()->data();
            $said = json_encode($there, \JSON_THROW_ON_ERROR);
            if (!\in_array($said, [json_encode($before, \JSON_THROW_ON_ERROR), json_encode($box, \JSON_THROW_ON_ERROR)], true)) {
                throw StaleDocument::changed('The box', $there, $outing->version());
            }
            $outing->fill($box);

            return $outing;
        }));
    }
}
