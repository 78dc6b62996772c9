<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Stored\StoredAs;
use App\Contract\Trip\SavedTripDocument;
use App\Contract\Trip\TripRequestDocument;
use App\Persistence\Entity\Stored;
use App\Persistence\Entity\Trip;

/**
 * A day on the water as it was planned.
 *
 * @extends Kind<Trip, SavedTripDocument>
 */
final readonly class TripKind extends Kind
{
    public const NAME = 'trips';

    public function __construct(private Documents $documents, private NamedWater $waters)
    {
        parent::__construct(new Declaration(
            self::NAME,
            'trip',
            Trip::class,
            SavedTripDocument::class,
            shape: new Shape(StoredAs::Trip, TripRequestDocument::class, in: 'trip'),
            order: ['date' => 'DESC', 'id' => 'DESC'],
            orderInWords: 'the latest day first',
            after: [WaterKind::class],
        ));
    }

    public function entityOf(object $document, ?Stored $known = null, bool $isWhole = false): Trip
    {
        $document->trip->toPlan('trip.');
        $water = $this->waters->called($document->water_id);
        $stored = $this->documents->stored($document->trip, $this->shape());
        if (null === $known) {
            return new Trip($document, $water, $stored);
        }
        $known->replace($document, $water, $stored);

        return $known;
    }

    public function documentOf(Stored $one, bool $isWhole = false): SavedTripDocument
    {
        return new SavedTripDocument(
            $one->title(),
            $this->documents->read($one->document(), TripRequestDocument::class),
            $one->id(),
            $isWhole ? null : $one->version(),
            $one->water()?->id(),
            $one->note(),
        );
    }
}
