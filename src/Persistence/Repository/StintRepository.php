<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\Stint;

/** @extends Repository<Stint> */
final class StintRepository extends Repository
{
    protected function entity(): string
    {
        return Stint::class;
    }

    protected function noun(): string
    {
        return 'stint';
    }

    protected function order(): array
    {
        return ['startedAt' => 'ASC', 'id' => 'ASC'];
    }
}
