<?php

declare(strict_types=1);

namespace App\UseCase\Workbench;

use App\Contract\Error\StaleDocument;
use App\Contract\Workbench\WorkbenchChangeDocument;
use App\Contract\Workbench\WorkbenchDocument;
use App\Persistence\Kind\WorkbenchKind;
use App\Persistence\Rows;
use App\Persistence\Transaction;
use App\UseCase\Saved;
use App\UseCase\Shelf;

/** Replaces a build on the bench, brings one back, or moves on in a checklist. */
final readonly class ChangeWorkbench
{
    public function __construct(
        private Shelf $shelf,
        private Rows $rows,
        private WorkbenchKind $kind,
        private Transaction $transaction,
    ) {
    }

    /**
     * @param int|null $version the one that was read; null to change whatever is there
     *
     * @throws StaleDocument where it was changed since
     */
    public function change(WorkbenchChangeDocument $change, ?int $version = null): Saved
    {
        return $this->transaction->run(function () use ($change, $version): Saved {
            $there = $this->rows->only($this->kind);
            $before = null === $there ? new WorkbenchDocument() : $this->kind->documentOf($there, true);

            return $this->shelf->replace(WorkbenchKind::NAME, $change->on($before), $version);
        });
    }
}
