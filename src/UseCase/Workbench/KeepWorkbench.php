<?php

declare(strict_types=1);

namespace App\UseCase\Workbench;

use App\Contract\Error\StaleDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reader\DocumentReader;
use App\Contract\Workbench\WorkbenchChangeDocument;
use App\Contract\Workbench\WorkbenchDocument;
use App\Persistence\Entity\Workbench;
use App\Persistence\Repository\WorkbenchRepository;
use App\Persistence\Transaction;
use App\UseCase\Kept;
use App\UseCase\SetAsideUnreadable;
use App\UseCase\VersionCheck;

/** What is on the bench: what it is, and what it becomes. */
final readonly class KeepWorkbench
{
    public function __construct(
        private WorkbenchRepository $workbenches,
        private Transaction $transaction,
        private DocumentNormalizer $documents,
        private DocumentReader $reader,
        private SetAsideUnreadable $setAside,
        private FreshenParts $freshen,
    ) {
    }

    /** With every owned part as it is now, not as it was when it was put on; null before the first build. */
    public function show(): ?Kept
    {
        $workbench = $this->workbenches->current();

        return null === $workbench
            ? null
            : new Kept($workbench->id(), $workbench->version(), $this->freshen->in($workbench->document()->data()));
    }

    /**
     * @param int|null $version the one that was read; null to change whatever is there
     *
     * @throws StaleDocument where it was changed since
     */
    public function change(WorkbenchChangeDocument $change, ?int $version = null): Kept
    {
        return self::kept($this->transaction->run(function () use ($change, $version): Workbench {
            $workbench = $this->workbenches->findAny(Workbench::ONLY);
            if (null === $workbench) {
                $workbench = new Workbench($this->documents->toStored($change->on(new WorkbenchDocument())));
                $this->workbenches->add($workbench);

                return $workbench;
            }
            $before = new WorkbenchDocument();
            if (!$this->setAside->ifUnreadable($workbench)) {
                VersionCheck::expect($version, self::kept($workbench), 'The build on the bench');
                $before = $this->reader->trusted($workbench->document()->data(), WorkbenchDocument::class);
            }
            $workbench->replace($this->documents->toStored($change->on($before)));

            return $workbench;
        }));
    }

    /** As a backup has it; runs inside the transaction of the restore. */
    public function restore(WorkbenchDocument $workbench): void
    {
        $this->workbenches->add(new Workbench($this->documents->toStored($workbench)));
    }

    private static function kept(Workbench $workbench): Kept
    {
        return new Kept($workbench->id(), $workbench->version(), $workbench->document()->data());
    }
}
