<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\Trip;

/** @extends Repository<Trip> */
final class TripRepository extends Repository
{
    protected function entity(): string
    {
        return Trip::class;
    }

    protected function noun(): string
    {
        return 'trip';
    }

    protected function order(): array
    {
        return ['date' => 'DESC', 'id' => 'DESC'];
    }
}
