<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\Settings;

/** @extends Repository<Settings> */
final class SettingsRepository extends Repository
{
    protected function entity(): string
    {
        return Settings::class;
    }

    protected function noun(): string
    {
        return 'settings';
    }

    protected function order(): array
    {
        return ['id' => 'ASC'];
    }

    public function current(): ?Settings
    {
        return $this->all()[0] ?? null;
    }
}
