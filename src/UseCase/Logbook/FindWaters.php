<?php

declare(strict_types=1);

namespace App\UseCase\Logbook;

use App\Persistence\Entity\Water;
use App\Persistence\Repository\WaterRepository;
use App\UseCase\Kept;
use App\UseCase\PageOf;
use App\UseCase\Paging;

/** The waters on the list, by name. */
final readonly class FindWaters
{
    public function __construct(private WaterRepository $waters)
    {
    }

    public function list(?int $limit = null, ?string $after = null): PageOf
    {
        return Paging::of($this->waters, static fn (Water $water): array => $water->toArray(), $limit, $after);
    }

    public function one(string $id): Kept
    {
        return self::kept($this->waters->get($id));
    }

    public static function kept(Water $water): Kept
    {
        return new Kept($water->id(), $water->version(), $water->toArray());
    }
}
