<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Backup\SetAsideDocument;
use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Outing\CarriedBoxDocument;
use App\Contract\Outing\OutingDocument;
use App\Contract\Outing\OutingSummaryDocument;
use App\Contract\Outing\StintDocument;
use App\Contract\Stored\Ability;
use App\Contract\Stored\StoredAs;
use App\Persistence\DocumentHealth;
use App\Persistence\Entity\EventPhoto;
use App\Persistence\Entity\HandedBack;
use App\Persistence\Entity\Outing;
use App\Persistence\Entity\OutingEvent;
use App\Persistence\Entity\Stint;
use App\Persistence\Entity\Stored;
use App\Persistence\Entity\StoredDocument;
use App\Persistence\Entity\Trip;
use App\Persistence\Entity\Water;
use App\Persistence\Kind\Declaration;
use App\Persistence\Kind\Documents;
use App\Persistence\Kind\Kind;
use App\Persistence\Kind\NamedWater;
use App\Persistence\Kind\Shape;
use App\Persistence\Kind\StintKind;
use App\Persistence\Kind\TripKind;
use App\Persistence\Kind\WaterKind;
use App\Persistence\LogbookCounts;
use App\Persistence\Rows;
use Symfony\Component\Clock\ClockInterface;

/**
 * A day on the water as it was, with all that is in it: the box, the stints, what happened, the pictures.
 *
 * @extends Kind<Outing, OutingDocument>
 */
final readonly class OutingKind extends Kind
{
    public const NAME = 'outings';

    public function __construct(
        private Documents $documents,
        private NamedWater $waters,
        private TripKind $trips,
        private StintKind $stints,
        private Rows $rows,
        private WriteOuting $write,
        private DocumentHealth $health,
        private LogbookCounts $counts,
        private ClockInterface $clock,
    ) {
        parent::__construct(new Declaration(
            self::NAME,
            'outing',
            Outing::class,
            OutingDocument::class,
            listed: OutingSummaryDocument::class,
            shape: new Shape(StoredAs::Box, CarriedBoxDocument::class, in: 'box'),
            order: ['startedAt' => 'DESC', 'id' => 'DESC'],
            orderInWords: 'at a glance, the latest first',
            // One is begun, not added: twice with one id is once.
            can: [Ability::List, Ability::Show, Ability::Change, Ability::Delete, Ability::Restore],
            after: [WaterKind::class, TripKind::class],
            // What was handed back is kept beside outings that it was joined with, not beside those of a backup.
            tables: [HandedBack::class, OutingEvent::class, EventPhoto::class, Stint::class, Outing::class],
            // All at once with its stints and events: listed one by one, each would be asked for by itself.
            joins: ['stint' => 'e.stints', 'event' => 'stint.events'],
            called: 'This outing',
            holds: ['stints' => StintKind::NAME],
            outlivesItsDocument: true,
        ));
    }

    /** Counted in one query however many they are. */
    public function glance(?array $some): array
    {
        $ids = null === $some ? null : array_map(static fn (Outing $outing): string => $outing->id(), $some);

        return array_map(
            fn (array $summary): OutingSummaryDocument => $this->documents->made($summary, OutingSummaryDocument::class),
            $this->counts->summaries($ids),
        );
    }

    public function entityOf(object $document, ?Stored $known = null, bool $isWhole = false): Outing
    {
        $water = $this->waters->called($document->water_id);
        $document->checkTimes($this->clock->now(), Water::clockAt($water));
        $trip = null !== $known && $document->trip_id === $known->tripId() ? $known->trip() : $this->trip($document->trip_id, $isWhole);
        $box = $this->documents->stored($document->box, $this->shape());
        if (null === $known) {
            $known = new Outing($document, $water, $trip, $box);
        } else {
            $known->replace($document, $water, $trip, $box);
        }
        $this->write->all($known, $document, $isWhole);

        return $known;
    }

    /** Without what of it cannot be read: that stays stored, and is beside it in a file. */
    public function documentOf(Stored $one, bool $isWhole = false): OutingDocument
    {
        $stints = array_filter($one->stints(), fn (Stint $stint): bool => null === $this->health->problemOf($this->stints, $stint));
        $isBoxRead = null === $this->health->problemOf($this, $one);

        return new OutingDocument(
            $one->startedAt(),
            $one->id(),
            $isWhole ? null : $one->version(),
            $one->water()?->id(),
            $one->tripId(),
            $one->endedAt(),
            $one->note(),
            $isBoxRead ? $this->documents->read($one->document(), CarriedBoxDocument::class) : new CarriedBoxDocument(),
            array_map(fn (Stint $stint): StintDocument => $this->stints->documentOf($stint, $isWhole), array_values($stints)),
        );
    }

    /** What was noted while a lure was fished of which nothing can be read: there is no stint to note it under. */
    public function beside(Stored $one): array
    {
        $notes = [];
        foreach ($one->stints() as $stint) {
            if ([] === $stint->events() || null === $this->health->problemOf($this->stints, $stint)) {
                continue;
            }
            $notes[] = new SetAsideDocument(
                StoredAs::Stint,
                $stint->id(),
                mb_strimwidth('Notes: '.$stint->title(), 0, SetAsideDocument::MOST_NAME, '…'),
                'The lure they were noted under cannot be read.',
                StoredDocument::encode(['events' => StintKind::events($stint, true)]),
            );
        }

        return $notes;
    }

    /** @throws InvalidDocument where there never was such a plan; a file may have been made without it */
    private function trip(?string $id, bool $isWhole): ?Trip
    {
        $trip = $this->rows->findAny($this->trips, $id);

        return null === $id || null !== $trip || $isWhole
            ? $trip
            : throw InvalidDocument::fault('trip_id', 'There is no trip with this id.', Fault::NOT_FOUND);
    }
}
