<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\Trial;

/** @extends Repository<Trial> */
final class TrialRepository extends Repository
{
    protected function entity(): string
    {
        return Trial::class;
    }

    protected function noun(): string
    {
        return 'trial';
    }

    protected function order(): array
    {
        return ['begunAt' => 'DESC', 'id' => 'DESC'];
    }
}
