<?php

declare(strict_types=1);

namespace App\UseCase\Logbook;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Error\NotFound;
use App\Contract\Error\StaleDocument;
use App\Contract\Reading\WaterDocument;
use App\Persistence\Entity\Water;
use App\Persistence\Repository\WaterRepository;
use App\Persistence\Transaction;
use App\UseCase\Kept;
use App\UseCase\VersionCheck;

/** Adds a water, or changes one. */
final readonly class SaveWater
{
    public function __construct(private WaterRepository $waters, private Transaction $transaction)
    {
    }

    /** @throws InvalidDocument where the id is taken or its place is none */
    public function add(WaterDocument $document): Kept
    {
        $document->place?->toPlace('place');
        $water = $this->transaction->run(function () use ($document): Water {
            if (null !== $document->id && null !== $this->waters->findAny($document->id)) {
                throw InvalidDocument::fault(
                    'id',
                    'There is already a water with this id. Change that one, or leave the id out.',
                    Fault::TAKEN,
                );
            }
            $water = new Water($document);
            $this->waters->add($water);

            return $water;
        });

        return FindWaters::kept($water);
    }

    /**
     * @param int|null $version the one that was read; null to write whatever is there
     *
     * @throws NotFound
     * @throws StaleDocument   where it was changed since
     * @throws InvalidDocument where its place is none
     */
    public function change(string $id, WaterDocument $document, ?int $version): Kept
    {
        $document->place?->toPlace('place');
        $water = $this->transaction->run(function () use ($id, $document, $version): Water {
            $water = $this->waters->get($id);
            VersionCheck::expect($version, FindWaters::kept($water), "“{$water->name()}”");
            $water->replace($document);

            return $water;
        });

        return FindWaters::kept($water);
    }
}
