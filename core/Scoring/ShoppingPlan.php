<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Inventory\Inventory;
use Kontrast\Inventory\InventoryBlade;
use Kontrast\Inventory\InventoryHead;
use Kontrast\Inventory\InventoryHook;
use Kontrast\Inventory\InventorySkirt;
use Kontrast\Inventory\InventoryTrailer;

/**
 * What is missing to build the advised lure of each of several readings. What is bought for one reading is owned for those after it, so
 * that the same part is not bought twice where one does.
 */
final readonly class ShoppingPlan
{
    /**
     * @param list<BuildScorer> $scorers one a reading
     *
     * @return list<array{
     *     part: InventoryHead|InventoryBlade|InventorySkirt|InventoryTrailer|InventoryHook,
     *     readings: list<int>,
     * }> each part once, with the places of the readings that use it
     */
    public static function plan(array $scorers, Inventory $owned): array
    {
        $list = [];
        foreach ($scorers as $i => $scorer) {
            $bought = array_column($list, 'part');
            $build = (new AdvisedBuild($scorer))->make($owned->plus($bought));
            // Two blades of one description are one part of the list.
            foreach (array_column(AdvisedBuild::notOwned($build), null, 'id') as $part) {
                $list[$part->id] ??= ['part' => $part, 'readings' => []];
                $list[$part->id]['readings'][] = $i;
            }
        }

        return array_values($list);
    }
}
