<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Outing\OutingDocument;
use App\Contract\Outing\OutingEventDocument;
use App\Contract\Outing\StintDocument;
use App\Contract\Outing\StintLureDocument;
use App\Format\PhotoFile;
use App\Persistence\DocumentHealth;
use App\Persistence\Entity\Outing;
use App\Persistence\Entity\OutingEvent;
use App\Persistence\Entity\Stint;
use App\Persistence\Kind\Documents;
use App\Persistence\Kind\StintKind;
use App\Persistence\Repository\OutingEventRepository;
use App\Persistence\Rows;
use Kontrast\Rulebook\Engine;
use Symfony\Component\DependencyInjection\Attribute\AutowireServiceClosure;

/** Writes stints and events into an outing, new ones and changed ones alike, each under its own id. Runs inside a transaction. */
final readonly class WriteOuting
{
    public function __construct(
        private Rows $rows,
        private StintKind $stints,
        private OutingEventRepository $events,
        private DocumentHealth $health,
        private Documents $documents,
        /** @var \Closure(): Engine */
        #[AutowireServiceClosure(Engine::class)] private \Closure $engine,
    ) {
    }

    /**
     * Makes the outing's stints and events those of the document: what it does not name is taken out, but for what cannot be read.
     *
     * @param bool $isBackup what its losses took from stock is said by the document
     *
     * @throws InvalidDocument where an id is used elsewhere or twice
     */
    public function all(Outing $outing, OutingDocument $document, bool $isBackup = false): void
    {
        self::checkIds($document);
        $keptStints = $keptEvents = [];
        foreach ($document->stints as $i => $stintDocument) {
            $keptStints[] = $stint = $this->stint($outing, $stintDocument, "stints[$i].id", $isBackup);
            foreach ($stintDocument->events as $k => $eventDocument) {
                $keptEvents[] = $this->event($stint, $eventDocument, "stints[$i].events[$k].id", $isBackup);
            }
        }
        // Last, so that what moved from one stint to another is not taken for removed.
        foreach ($outing->stints() as $stint) {
            if (!\in_array($stint, $keptStints, true) && null !== $this->health->problemOf($this->stints, $stint)) {
                continue;
            }
            foreach ($stint->events() as $event) {
                if (!\in_array($event, $keptEvents, true)) {
                    $this->events->remove($event);
                }
            }
            if (!\in_array($stint, $keptStints, true)) {
                $outing->remove($stint);
            }
        }
    }

    /** @throws InvalidDocument where the id belongs to another outing */
    public function stint(Outing $outing, StintDocument $document, string $path = 'id', bool $isBackup = false): Stint
    {
        $levels = CountedUnder::derive($document->build, $document->reading, $document->started_at, $outing->water(), ($this->engine)());
        $stint = null === $document->id ? null : $outing->stint($document->id) ?? $this->rows->findAny($this->stints, $document->id);
        $document = $isBackup ? $document : $this->advised($document, $outing, $stint);
        $lure = $this->documents->stored(StintLureDocument::of($document), $this->stints->shape());
        if (null === $stint) {
            $stint = new Stint($document, $outing, $lure, $levels);
            $outing->add($stint);
            $this->rows->add($stint);

            return $stint;
        }
        if ($stint->outing() !== $outing) {
            throw self::taken($path);
        }
        $stint->replace($document, $lure, $levels);

        return $stint;
    }

    /**
     * With what it follows of the advice of that moment, where nobody said it: what is noted now was advised as it would be now. Of what
     * was noted before, it stays as it was unless the lure or the water is told otherwise.
     */
    private function advised(StintDocument $document, Outing $outing, ?Stint $known): StintDocument
    {
        if (null !== $document->followed && $document->followed !== $known?->followed()) {
            return $document;
        }
        if (null !== $known && $this->isSame($document, $known)) {
            return $document->following($known->followed());
        }

        return $document->following(CountedUnder::followed(
            $document->build,
            $document->reading,
            $document->started_at,
            $outing->water(),
            ($this->engine)(),
        ));
    }

    /** Whether the lure and the water are told as they were. */
    private function isSame(StintDocument $document, Stint $known): bool
    {
        $is = $this->documents->stored(StintLureDocument::of($document), $this->stints->shape())->data();
        $was = $known->document()->data();

        return [$is['build'] ?? null, $is['reading'] ?? null] === [$was['build'] ?? null, $was['reading'] ?? null];
    }

    /** @throws InvalidDocument where the id belongs to another outing, or the picture is none */
    public function event(Stint $stint, OutingEventDocument $document, string $path = 'id', bool $isBackup = false): OutingEvent
    {
        $event = null === $document->id ? null : $this->events->find($document->id);
        if (null !== $event && $event->stint()->outing() !== $stint->outing()) {
            throw self::taken($path);
        }
        if (null === $event) {
            $event = new OutingEvent($document, $stint);
            $stint->add($event);
        }
        if ($isBackup) {
            $event->took($document->taken);
        }
        $event->moveTo($stint);
        $event->replace($document);
        if (null !== $document->photo) {
            $event->picture(PhotoFile::ofDataUrl($document->photo, 'photo'));
        }

        return $event;
    }

    /** @throws InvalidDocument */
    private static function checkIds(OutingDocument $document): void
    {
        $seen = [];
        foreach ($document->stints as $i => $stint) {
            foreach (["stints[$i]" => $stint] + array_combine(
                array_map(static fn (int $k): string => "stints[$i].events[$k]", array_keys($stint->events)),
                $stint->events,
            ) as $path => $one) {
                if (null !== $one->id && isset($seen[$one->id])) {
                    throw InvalidDocument::fault("$path.id", 'Another entry of this outing has this id already.', Fault::TAKEN);
                }
                $seen[$one->id ?? ''] = true;
            }
        }
    }

    private static function taken(string $path): InvalidDocument
    {
        return InvalidDocument::fault($path, 'This id belongs to another outing. Leave it out to get a new one.', Fault::TAKEN);
    }
}
