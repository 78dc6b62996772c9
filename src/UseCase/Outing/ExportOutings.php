<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Format\OutingsTable;
use App\Persistence\Entity\Outing;
use App\Persistence\Repository\OutingRepository;

/** All outings with all that was noted, to carry away. */
final readonly class ExportOutings
{
    public function __construct(private OutingRepository $outings)
    {
    }

    /** @return list<array<string, mixed>> outing documents, with their pictures */
    public function all(): array
    {
        return array_map(static fn (Outing $outing): array => ['id' => $outing->id(), ...$outing->fields(true)], $this->listed());
    }

    public function table(): string
    {
        return OutingsTable::write(array_map(static fn (Outing $outing): array => $outing->toArray(), $this->listed()));
    }

    /** @return list<Outing> */
    private function listed(): array
    {
        return array_values(array_filter($this->outings->whole(), static fn (Outing $outing): bool => !$outing->isDeleted()));
    }
}
