<?php

declare(strict_types=1);

namespace App\UseCase\Batch;

use App\Contract\Error\NotFound;
use App\Contract\Error\StaleDocument;
use App\Persistence\Kind\BuiltKind;
use App\Persistence\Rows;
use App\Persistence\Transaction;
use App\UseCase\VersionCheck;
use Symfony\Component\Clock\ClockInterface;

/** Takes a batch back: its parts go back into the inventory, once. */
final readonly class UndoBatch
{
    public function __construct(
        private Rows $rows,
        private BuiltKind $records,
        private Transaction $transaction,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param int|null $version the one that was read; null to undo whatever is there
     *
     * @throws NotFound
     * @throws StaleDocument
     */
    public function undo(string $id, ?int $version = null): void
    {
        $this->transaction->run(function () use ($id, $version): void {
            $record = $this->rows->get($this->records, $id);
            if ($record->isUndone()) {
                return;
            }
            VersionCheck::expect($version, null, $this->records, $record);
            foreach ($record->parts() as $drawn) {
                $drawn->part()?->recount($drawn->part()->count() + $drawn->count());
            }
            $record->undo($this->clock->now());
        });
    }
}
