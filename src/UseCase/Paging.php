<?php

declare(strict_types=1);

namespace App\UseCase;

use App\Persistence\Entity\Stored;
use App\Persistence\Repository\Page;
use App\Persistence\Repository\Repository;

/** Lists what a repository holds, whole or a page at a time. */
final class Paging
{
    /**
     * @template T of Stored
     *
     * @param Repository<T>                     $repository
     * @param callable(T): array<string, mixed> $document
     */
    public static function of(Repository $repository, callable $document, ?int $limit, ?string $after): PageOf
    {
        if (null === $limit) {
            return new PageOf(array_map($document, $repository->all()), null);
        }
        [$found, $next] = $repository->page(new Page($limit, $after));

        return new PageOf(array_map($document, $found), $next);
    }
}
