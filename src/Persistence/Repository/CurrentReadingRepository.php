<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\CurrentReading;

/** @extends Repository<CurrentReading> */
final class CurrentReadingRepository extends Repository
{
    protected function entity(): string
    {
        return CurrentReading::class;
    }

    protected function noun(): string
    {
        return 'current reading';
    }

    protected function order(): array
    {
        return ['id' => 'ASC'];
    }

    public function current(): ?CurrentReading
    {
        return $this->all()[0] ?? null;
    }
}
