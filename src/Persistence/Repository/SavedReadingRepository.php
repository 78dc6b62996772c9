<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\SavedReading;

/** @extends Repository<SavedReading> */
final class SavedReadingRepository extends Repository
{
    protected function entity(): string
    {
        return SavedReading::class;
    }

    protected function noun(): string
    {
        return 'reading';
    }

    protected function order(): array
    {
        return ['takenAt' => 'DESC', 'id' => 'DESC'];
    }
}
