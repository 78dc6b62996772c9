<?php

declare(strict_types=1);

namespace App\Storage;

use App\Api\Document\DeskDocument;
use App\Api\Document\KeptReadingDocument;
use App\Api\Document\SettingsDocument;
use App\Api\Document\WaterDocument;
use App\Entity\Desk;
use App\Entity\KeptReading;
use App\Entity\Settings;
use App\Entity\Water;
use App\Exchange\Documents;
use App\Exchange\InvalidDocument;
use Doctrine\ORM\EntityManagerInterface;

/** Keeps waters, readings, the desk and the settings. Every public method that writes is one transaction. */
final readonly class Keeper
{
    public function __construct(private EntityManagerInterface $entities, private Documents $documents)
    {
    }

    /** @return list<Water> by name */
    public function waters(): array
    {
        return $this->entities->getRepository(Water::class)->findBy(['deletedAt' => null], ['name' => 'ASC']);
    }

    /** @return list<KeptReading> newest first */
    public function readings(): array
    {
        return $this->entities->getRepository(KeptReading::class)->findBy(['deletedAt' => null], ['takenAt' => 'DESC', 'id' => 'DESC']);
    }

    public function desk(): ?Desk
    {
        return $this->entities->find(Desk::class, Desk::ONLY);
    }

    /** @return array<string, mixed> a settings document; the defaults where nothing was chosen yet */
    public function settings(): array
    {
        return $this->entities->find(Settings::class, Settings::ONLY)?->choices() ?? $this->documents->given(new SettingsDocument());
    }

    /** @throws InvalidDocument where the id is taken */
    public function addWater(WaterDocument $document): Water
    {
        return $this->write(function () use ($document): Water {
            if (null !== $document->id && null !== $this->entities->find(Water::class, $document->id)) {
                throw InvalidDocument::fault('id', 'There is already a water with this id. Change that one, or leave the id out.');
            }
            $water = new Water($document->id, trim($document->name), $document->tint, $document->red_crawfish, $document->forage, $document->note);
            $this->entities->persist($water);

            return $water;
        });
    }

    public function changeWater(Water $water, WaterDocument $document): void
    {
        $this->write(static function () use ($water, $document): void {
            $water->change(trim($document->name), $document->tint, $document->red_crawfish, $document->forage, $document->note);
        });
    }

    /** @throws InvalidDocument where the water is not there or the id is taken */
    public function addReading(KeptReadingDocument $document): KeptReading
    {
        return $this->write(function () use ($document): KeptReading {
            if (null !== $document->id && null !== $this->entities->find(KeptReading::class, $document->id)) {
                throw InvalidDocument::fault('id', 'There is already a reading with this id. Leave the id out to keep another.');
            }
            $kept = new KeptReading(
                $document->id,
                $document->taken_at ?? new \DateTimeImmutable(),
                $this->documents->given($document->reading),
                $this->waterNamed($document->water_id),
                $document->note,
            );
            $this->entities->persist($kept);

            return $kept;
        });
    }

    /** @throws InvalidDocument where the water is not there */
    public function lay(DeskDocument $document): Desk
    {
        return $this->write(function () use ($document): Desk {
            $reading = $this->documents->given($document->reading);
            $water = $this->waterNamed($document->water_id);
            $desk = $this->desk();
            if (null === $desk) {
                $desk = new Desk($reading, $water);
                $this->entities->persist($desk);
            } else {
                $desk->lay($reading, $water);
            }

            return $desk;
        });
    }

    public function choose(SettingsDocument $document): void
    {
        $this->write(function () use ($document): void {
            $choices = $this->documents->given($document);
            $settings = $this->entities->find(Settings::class, Settings::ONLY);
            null === $settings ? $this->entities->persist(new Settings($choices)) : $settings->choose($choices);
        });
    }

    /** Taken off the lists, and still there to be restored. */
    public function delete(Water|KeptReading $kept): void
    {
        $this->write(static function () use ($kept): void { $kept->delete(new \DateTimeImmutable()); });
    }

    public function restore(Water|KeptReading $kept): void
    {
        $this->write(static function () use ($kept): void { $kept->restore(); });
    }

    /**
     * Runs several writes as one transaction.
     *
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     */
    public function write(callable $work): mixed
    {
        return $this->entities->wrapInTransaction(static fn (): mixed => $work());
    }

    private function waterNamed(?string $id): ?Water
    {
        if (null === $id) {
            return null;
        }
        $water = $this->entities->find(Water::class, $id);

        return null !== $water && !$water->isDeleted() ? $water : throw InvalidDocument::fault('water_id', 'There is no water with this id.');
    }
}
