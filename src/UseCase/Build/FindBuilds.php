<?php

declare(strict_types=1);

namespace App\UseCase\Build;

use App\Persistence\Entity\SavedBuild;
use App\Persistence\Repository\SavedBuildRepository;
use App\UseCase\Kept;
use App\UseCase\PageOf;
use App\UseCase\Paging;

/** The saved builds, by name. */
final readonly class FindBuilds
{
    public function __construct(private SavedBuildRepository $builds)
    {
    }

    public function list(?int $limit = null, ?string $after = null): PageOf
    {
        return Paging::of($this->builds, static fn (SavedBuild $build): array => $build->toArray(), $limit, $after);
    }

    public function one(string $id): Kept
    {
        return self::kept($this->builds->get($id));
    }

    public static function kept(SavedBuild $build): Kept
    {
        return new Kept($build->id(), $build->version(), $build->toArray());
    }
}
