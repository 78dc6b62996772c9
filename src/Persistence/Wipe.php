<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Persistence\Entity\SetAside;
use App\Persistence\Kind\Kinds;
use Doctrine\ORM\EntityManagerInterface;

/** Empties the store, for what a restore puts in its place. Only ever called inside a transaction. */
final readonly class Wipe
{
    public function __construct(private Kinds $kinds, private EntityManagerInterface $entities, private KeptAnalysis $kept)
    {
    }

    public function everything(): void
    {
        $tables = [SetAside::class];
        foreach (array_reverse($this->kinds->all()) as $kind) {
            $tables = [...$tables, ...$kind->is->tables];
        }
        foreach ($tables as $entity) {
            $this->entities->createQuery("DELETE FROM $entity e")->execute();
        }
        $this->entities->clear();
        $this->kept->forget();
    }
}
