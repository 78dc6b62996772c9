<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Error\InvalidDocument;
use App\Contract\Outing\OutingDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Persistence\Entity\HandedBack;
use App\Persistence\Repository\HandedBackRepository;
use App\Persistence\Rows;
use App\UseCase\Shelf;
use App\UseCase\VersionCheck;

/** Joins a file's outing with the stored one: a phone that cannot reach the program hands its notes back more than once in a day. */
final readonly class MergeOuting
{
    public function __construct(
        private Rows $rows,
        private OutingKind $outings,
        private HandedBackRepository $handedBack,
        private Shelf $shelf,
        private StoredOuting $stored,
        private DocumentNormalizer $documents,
    ) {
    }

    /** What taking this file would make of the outing; null where it says nothing any more. Nothing is stored. */
    public function look(OutingDocument $file): ?JoinedOuting
    {
        $outing = $this->rows->find($this->outings, $file->id);
        if (null === $outing) {
            // Deleted since, which stands.
            return null;
        }
        // A file without a version, such as an exported logbook, only adds.
        $last = null === $file->version ? null : $this->handedBack->findOf($outing->id());
        if (null !== $last && $file->version <= $last->version()) {
            // An older file, or the same one again: all of it is in the one that came before.
            return null;
        }
        $stored = $this->stored->plain($outing);
        // A phone does not change which water or plan it is.
        $own = array_intersect_key($stored, ['water_id' => true, 'trip_id' => true]);
        $before = null === $last ? null : [...$last->document(), ...$own];

        return OutingJoin::join($stored, [...$this->documents->toArray($file), ...$own], $before);
    }

    /**
     * Only ever called inside a transaction.
     *
     * @throws InvalidDocument where its times contradict those that are stored
     */
    public function merge(OutingDocument $file): void
    {
        $joined = $this->look($file);
        if (null === $joined) {
            return;
        }
        if ($joined->isNews) {
            $this->shelf->change(OutingKind::NAME, (string) $file->id, $this->stored->document($joined->outing), VersionCheck::ANY);
        }
        $this->remember($file);
    }

    /** Keeps what a phone's file said, for the one after it. A file without a version says nothing of what came first. */
    public function remember(OutingDocument $file): void
    {
        if (null === $file->id || null === $file->version) {
            return;
        }
        $document = OutingJoin::withoutPhotos($this->documents->toArray($file));
        $last = $this->handedBack->findOf($file->id);
        null === $last
            ? $this->handedBack->add(new HandedBack($file->id, $file->version, $document))
            : $last->replace($file->version, $document);
    }
}
