<?php

declare(strict_types=1);

namespace App\Storage;

use App\Api\Document\CompositionDocument;
use App\Api\Document\SavedBuildDocument;
use App\Entity\SavedBuild;
use App\Exchange\Documents;
use App\Exchange\InvalidDocument;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Keeps builds under their names. Every public method that writes is one transaction. */
final readonly class BuildKeeper
{
    private const SLOTS = ['head', 'front', 'rear', 'skirt', 'trailer', 'hook'];

    public function __construct(private EntityManagerInterface $entities, private Documents $documents, private Keeper $keeper)
    {
    }

    /** @return list<SavedBuild> by name */
    public function builds(): array
    {
        return $this->entities->getRepository(SavedBuild::class)->findBy(['deletedAt' => null], ['name' => 'ASC', 'id' => 'ASC']);
    }

    /** @throws InvalidDocument where the id is taken */
    public function add(SavedBuildDocument $document): SavedBuild
    {
        return $this->keeper->write(function () use ($document): SavedBuild {
            if (null !== $document->id && null !== $this->entities->find(SavedBuild::class, $document->id)) {
                throw InvalidDocument::fault('id', 'There is already a build with this id. Change that one, or leave the id out.');
            }
            $build = new SavedBuild($document->id, trim($document->name), $document->note, $this->stored($document->build), $document->photo);
            $this->entities->persist($build);

            return $build;
        });
    }

    public function change(SavedBuild $build, SavedBuildDocument $document): void
    {
        $this->keeper->write(function () use ($build, $document): void {
            if ($document->version !== $build->version()) {
                throw new ConflictHttpException(\sprintf('“%s” was changed in another place since you opened it. Nothing was written.', $build->name()));
            }
            $build->change(trim($document->name), $document->note, $this->stored($document->build), $document->photo);
        });
    }

    public function delete(SavedBuild $build): void
    {
        $this->keeper->write(static function () use ($build): void { $build->delete(new \DateTimeImmutable()); });
    }

    public function restore(SavedBuild $build): void
    {
        $this->keeper->write(static function () use ($build): void { $build->restore(); });
    }

    /** @return array<string, mixed> the composition with only what is said of each part */
    private function stored(CompositionDocument $build): array
    {
        $stored = ['lure' => $build->lure->value];
        foreach (self::SLOTS as $slot) {
            if (null !== $build->{$slot}) {
                $stored[$slot] = $this->documents->said($build->{$slot});
            }
        }

        return $stored;
    }
}
