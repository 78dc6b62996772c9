<?php

declare(strict_types=1);

namespace App\UseCase\Inventory;

use App\Contract\Advice\BuildDocument;
use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Inventory\PartMapper;
use App\Contract\Inventory\StarterSetDocument;
use Kontrast\BuildSheet\Hardware;
use Kontrast\Inventory\GenericParts;
use Kontrast\Inventory\StarterSet;

/** The starter sets with all their parts, small hardware included. */
final readonly class ListStarterSets
{
    /** @return list<StarterSetDocument> */
    public function all(): array
    {
        return array_map(static fn (StarterSet $set): StarterSetDocument => new StarterSetDocument(
            $set,
            $set->title(),
            $set->because(),
            $set->facts(),
            array_map(BuildDocument::of(...), $set->builds()),
            [...self::parts($set), ...self::hardware($set)],
        ), StarterSet::cases());
    }

    /** @return list<InventoryPartDocument> */
    private static function parts(StarterSet $set): array
    {
        return array_map(
            static fn (array $one): InventoryPartDocument => PartMapper::document($one['part'])->with(count: $one['count']),
            $set->parts(),
        );
    }

    /** @return list<InventoryPartDocument> */
    private static function hardware(StarterSet $set): array
    {
        $counts = [];
        foreach ($set->builds() as $build) {
            foreach (Hardware::count(GenericParts::compose($build)) as $one) {
                $counts["{$one->kind->value} {$one->size}"] = [$one, ($counts["{$one->kind->value} {$one->size}"][1] ?? 0) + $one->count];
            }
        }

        return array_values(array_map(
            static fn (array $one): InventoryPartDocument => new InventoryPartDocument(
                kind: $one[0]->kind,
                name: ucfirst("{$one[0]->kind->label()}, ".Hardware::said($one[0]->size)),
                count: $one[1],
                size: $one[0]->size,
            ),
            $counts,
        ));
    }
}
