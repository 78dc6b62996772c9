<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\Water;

/** @extends Repository<Water> */
final class WaterRepository extends Repository
{
    protected function entity(): string
    {
        return Water::class;
    }

    protected function noun(): string
    {
        return 'water';
    }

    protected function order(): array
    {
        return ['name' => 'ASC', 'id' => 'ASC'];
    }
}
