<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Persistence\Entity\BuiltRecord;
use App\Persistence\Entity\BuiltRecordPart;
use App\Persistence\Entity\CurrentReading;
use App\Persistence\Entity\EventPhoto;
use App\Persistence\Entity\HandedBack;
use App\Persistence\Entity\InventoryPart;
use App\Persistence\Entity\Outing;
use App\Persistence\Entity\OutingEvent;
use App\Persistence\Entity\SavedBuild;
use App\Persistence\Entity\SavedReading;
use App\Persistence\Entity\SetAside;
use App\Persistence\Entity\Settings;
use App\Persistence\Entity\Stint;
use App\Persistence\Entity\Swatch;
use App\Persistence\Entity\Trial;
use App\Persistence\Entity\Trip;
use App\Persistence\Entity\Water;
use App\Persistence\Entity\Workbench;
use Doctrine\ORM\EntityManagerInterface;

/** Empties the store, for what a restore puts in its place. Only ever called inside a transaction. */
final readonly class Wipe
{
    /** Those that refer to others before those they refer to. */
    private const ENTITIES = [
        // What was handed back is kept beside outings that it was joined with, not beside those of a backup.
        HandedBack::class,
        OutingEvent::class, EventPhoto::class, Stint::class, Outing::class, Trial::class, BuiltRecordPart::class, BuiltRecord::class,
        InventoryPart::class, SavedReading::class, CurrentReading::class, Trip::class,
        Water::class,
        SavedBuild::class, Swatch::class, Settings::class, SetAside::class, Workbench::class,
    ];

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function everything(): void
    {
        foreach (self::ENTITIES as $entity) {
            $this->entities->createQuery("DELETE FROM $entity e")->execute();
        }
        $this->entities->clear();
    }
}
