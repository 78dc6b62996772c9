<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\Workbench;

/** @extends Repository<Workbench> */
final class WorkbenchRepository extends Repository
{
    protected function entity(): string
    {
        return Workbench::class;
    }

    protected function noun(): string
    {
        return 'bench';
    }

    protected function order(): array
    {
        return ['id' => 'ASC'];
    }

    public function current(): ?Workbench
    {
        return $this->all()[0] ?? null;
    }
}
