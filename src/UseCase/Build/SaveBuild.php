<?php

declare(strict_types=1);

namespace App\UseCase\Build;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Error\NotFound;
use App\Contract\Error\StaleDocument;
use App\Contract\Logbook\SavedBuildDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Persistence\Entity\SavedBuild;
use App\Persistence\Repository\SavedBuildRepository;
use App\Persistence\Transaction;
use App\UseCase\Kept;
use App\UseCase\VersionCheck;

/** Saves a build under a name, or changes one. */
final readonly class SaveBuild
{
    public function __construct(
        private SavedBuildRepository $builds,
        private Transaction $transaction,
        private DocumentNormalizer $documents,
    ) {
    }

    /** @throws InvalidDocument where the id is taken */
    public function add(SavedBuildDocument $document): Kept
    {
        return FindBuilds::kept($this->transaction->run(function () use ($document): SavedBuild {
            if (null !== $document->id && null !== $this->builds->findAny($document->id)) {
                throw InvalidDocument::fault(
                    'id',
                    'There is already a build with this id. Change that one, or leave the id out.',
                    Fault::TAKEN,
                );
            }
            $build = new SavedBuild(
                $document->id,
                trim($document->name),
                $document->note,
                $document->build->lure,
                $this->documents->toStored($document->build),
                $document->photo,
            );
            $this->builds->add($build);

            return $build;
        }));
    }

    /**
     * @param int|null $version the one that was read; null for the document's own
     *
     * @throws NotFound
     * @throws StaleDocument where it was changed since
     */
    public function change(string $id, SavedBuildDocument $document, ?int $version): Kept
    {
        return FindBuilds::kept($this->transaction->run(function () use ($id, $document, $version): SavedBuild {
            $build = $this->builds->get($id);
            VersionCheck::expect($version ?? $document->version ?? 0, FindBuilds::kept($build), "“{$build->name()}”");
            $stored = $this->documents->toStored($document->build);
            $build->replace(trim($document->name), $document->note, $document->build->lure, $stored, $document->photo);

            return $build;
        }));
    }
}
