<?php

declare(strict_types=1);

namespace App\UseCase\Backup;

use App\Contract\Backup\BackupDocument;
use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Persistence\Entity\Deletable;
use App\Persistence\Entity\SetAside;
use App\Persistence\Entity\Stored;
use App\Persistence\Kind\Kind;
use App\Persistence\Kind\Kinds;
use App\Persistence\Kind\Place;
use App\Persistence\Repository\SetAsideRepository;
use App\Persistence\Rows;
use App\Persistence\SafetyCopies;
use App\Persistence\Transaction;
use App\Persistence\Wipe;

/** Puts everything back as a backup has it, as one transaction. What was there is written to a file first. */
final readonly class RestoreBackup
{
    /** So many are sent to the database at a time. */
    private const BATCH = 500;

    public function __construct(
        private MakeBackup $make,
        private Kinds $kinds,
        private Rows $rows,
        private SetAsideRepository $setAside,
        private SafetyCopies $copies,
        private Wipe $wipe,
        private Transaction $transaction,
    ) {
    }

    /**
     * @return array<string, int|string> how many are on each list, and `kept_in`: the file with what was there
     *
     * @throws InvalidDocument where it contradicts itself; nothing is changed then
     */
    public function restore(BackupDocument $backup): array
    {
        return $this->transaction->run(function () use ($backup): array {
            $file = $this->copies->keep($this->make->write(...));
            $this->wipe->everything();
            $counts = [];
            foreach ($this->kinds->all() as $kind) {
                $listed = $this->kind($kind, $backup);
                if ($kind->is->isDeletable && null !== $listed) {
                    $counts[$kind->is->field] = $listed;
                }
            }
            foreach ($backup->unreadable as $aside) {
                $this->setAside->add(new SetAside($aside->kind, $aside->name, $aside->reason, $aside->document));
            }

            return [...$counts, 'kept_in' => $file];
        });
    }

    /**
     * @param Kind<Stored, object> $kind
     *
     * @return int|null how many are on its list; null where a backup has no such list
     *
     * @throws InvalidDocument
     */
    private function kind(Kind $kind, BackupDocument $backup): ?int
    {
        $place = $kind->is->place;
        if (null === $place) {
            return null;
        }
        $isInLogbook = Place::Logbook === $place;
        $given = get_object_vars($isInLogbook ? $backup->notebook : $backup)[$kind->is->field] ?? [];
        $path = $isInLogbook ? "notebook.{$kind->is->field}" : $kind->is->field;
        $listed = 0;
        foreach (\is_array($given) ? array_values($given) : [$given] as $i => $document) {
            \assert(\is_object($document));
            $one = $this->put($kind, $document, \is_array($given) ? "{$path}[$i]" : $path);
            $at = $backup->deleted[$one->id()] ?? null;
            if (null !== $at && $one instanceof Deletable) {
                $one->delete($at);
            } else {
                ++$listed;
            }
            if (0 === ($i + 1) % self::BATCH) {
                $this->transaction->flushAndForget();
            }
        }
        $this->transaction->flushAndForget();

        return $listed;
    }

    /**
     * @param Kind<Stored, object> $kind
     *
     * @throws InvalidDocument with the place of each fault in the backup
     */
    private function put(Kind $kind, object $document, string $path): Stored
    {
        if (null !== $this->rows->namedBy($kind, $document)) {
            throw InvalidDocument::fault("$path.id", 'Another one in this backup has this id already.', Fault::TAKEN);
        }
        try {
            $one = $kind->entityOf($document, null, true);
        } catch (InvalidDocument $invalid) {
            throw $invalid->within($path);
        }
        $this->rows->add($one);

        return $one;
    }
}
