<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\SavedBuild;

/** @extends Repository<SavedBuild> */
final class SavedBuildRepository extends Repository
{
    protected function entity(): string
    {
        return SavedBuild::class;
    }

    protected function noun(): string
    {
        return 'build';
    }

    protected function order(): array
    {
        return ['name' => 'ASC', 'id' => 'ASC'];
    }
}
