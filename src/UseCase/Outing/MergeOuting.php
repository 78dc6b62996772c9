<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Error\InvalidDocument;
use App\Contract\Outing\OutingDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reader\DocumentReader;
use App\Persistence\Entity\HandedBack;
use App\Persistence\Entity\Outing;
use App\Persistence\Repository\HandedBackRepository;
use App\Persistence\Repository\OutingRepository;
use Symfony\Component\Clock\ClockInterface;

/**
 * Joins a file's outing with the one that is kept: a phone that cannot reach the program hands its notes back more than once in a day.
 * Only ever called inside a transaction.
 */
final readonly class MergeOuting
{
    public function __construct(
        private OutingRepository $outings,
        private HandedBackRepository $handedBack,
        private WriteOuting $write,
        private DocumentNormalizer $documents,
        private DocumentReader $reader,
        private ClockInterface $clock,
    ) {
    }

    /** @throws InvalidDocument where its times contradict those that are kept */
    public function of(OutingDocument $file): void
    {
        $outing = null === $file->id ? null : $this->outings->find($file->id);
        if (null === $outing) {
            // Deleted since, which stands.
            return;
        }
        // A file without a version, such as an exported logbook, only adds.
        $last = null === $file->version ? null : $this->handedBack->of($outing->id());
        if (null !== $last && $file->version <= $last->version()) {
            // An older file, or the same one again: all of it is in the one that came before.
            return;
        }
        $kept = $this->documents->toArray($this->document(self::plain($outing->toArray())));
        $said = $this->documents->toArray($file);
        $joined = JoinedOuting::of($kept, $said, $last?->document());
        if ($joined !== $kept) {
            $this->replace($outing, $this->document($joined));
        }
        $this->remember($file);
    }

    /** Keeps what a phone's file said, for the one after it. A file without a version says nothing of what came first. */
    public function remember(OutingDocument $file): void
    {
        if (null === $file->id || null === $file->version) {
            return;
        }
        $document = JoinedOuting::withoutPhotos($this->documents->toArray($file));
        $last = $this->handedBack->of($file->id);
        null === $last
            ? $this->handedBack->add(new HandedBack($file->id, $file->version, $document))
            : $last->replace($file->version, $document);
    }

    /** @throws InvalidDocument */
    private function replace(Outing $outing, OutingDocument $joined): void
    {
        $outing->replace(
            $joined->started_at,
            $joined->ended_at,
            $outing->water(),
            $outing->trip(),
            $joined->note,
            $this->documents->toStored($joined->box),
        );
        $this->write->all($outing, $joined);
        NoteOuting::check($outing, $this->clock->now());
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed> the same with objects as arrays
     */
    private static function plain(array $document): array
    {
        /** @var array<string, mixed> $plain */
        $plain = json_decode(json_encode($document, \JSON_THROW_ON_ERROR), true, flags: \JSON_THROW_ON_ERROR);

        return $plain;
    }

    /** @param array<string, mixed> $stored */
    private function document(array $stored): OutingDocument
    {
        return $this->reader->trusted($stored, OutingDocument::class);
    }
}
