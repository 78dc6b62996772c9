<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Persistence\Entity\InventoryPart;
use App\Persistence\Rows;

/** Puts each owned part of a build as it is now in place of the copy that was stored with the build. */
final readonly class FreshParts
{
    public function __construct(private Rows $rows, private InventoryPartKind $parts)
    {
    }

    /**
     * A part that was deleted since, or became one of another kind, stays as it was, and is a part of its own.
     *
     * @param array<string, mixed> $workbench a workbench document
     *
     * @return array<string, mixed>
     */
    public function find(array $workbench): array
    {
        $owned = array_map(
            InventoryPartKind::fields(...),
            array_filter(
                $this->rows->findMany($this->parts, self::ids($workbench)),
                static fn (InventoryPart $part): bool => !$part->isDeleted(),
            ),
        );
        foreach (['builds', 'past'] as $list) {
            $builds = \is_array($workbench[$list] ?? null) ? $workbench[$list] : [];
            $workbench[$list] = array_map(
                static fn (mixed $build): mixed => \is_array($build) ? self::fresh($build, $owned) : $build,
                $builds,
            );
        }

        return $workbench;
    }

    /**
     * @param array<mixed>                        $build
     * @param array<string, array<string, mixed>> $owned by id
     *
     * @return array<mixed>
     */
    private static function fresh(array $build, array $owned): array
    {
        return array_map(static function (mixed $part) use ($owned): mixed {
            if (!\is_array($part) || !\is_string($part['id'] ?? null)) {
                return $part;
            }
            $now = $owned[$part['id']] ?? null;

            return null !== $now && $now['kind'] === ($part['kind'] ?? null) ? $now : array_diff_key($part, ['id' => 0, 'version' => 0]);
        }, $build);
    }

    /**
     * @param array<string, mixed> $workbench
     *
     * @return list<string>
     */
    private static function ids(array $workbench): array
    {
        $ids = [];
        array_walk_recursive($workbench, static function (mixed $value, int|string $field) use (&$ids): void {
            if ('id' === $field && \is_string($value)) {
                $ids[$value] = true;
            }
        });

        return array_map(strval(...), array_keys($ids));
    }
}
