<?php

declare(strict_types=1);

namespace App\UseCase\Batch;

use App\Contract\Inventory\CompositionDocument;
use App\Contract\Inventory\InventoryPartDocument;
use App\Persistence\Entity\InventoryPart;
use Kontrast\BuildSheet\Hardware;
use Kontrast\Inventory\Money;
use Kontrast\Inventory\PartKind;

/** What a build costs, part by part, from stock, and from the price a part that is not owned brings along. */
final class PartCosts
{
    /**
     * @param array<string, InventoryPart> $stock by id
     *
     * @return array{cost: float, unpriced: list<string>}
     */
    public static function sum(CompositionDocument $build, array $stock): array
    {
        $sum = Money::minor(0);
        $unpriced = [];
        foreach ($build->parts() as $part) {
            $cost = self::ofPart($part, $stock);
            null === $cost ? $unpriced[] = $part->name : $sum = $sum->plus($cost);
        }
        foreach (Hardware::count($build->toComposition()) as $hardware) {
            $cost = self::ofKind($stock, $hardware->kind, $hardware->size)?->cost();
            null === $cost
                ? $unpriced[] = "{$hardware->kind->label()}, ".Hardware::said($hardware->size)
                : $sum = $sum->plus($cost->times($hardware->count));
        }

        return ['cost' => $sum->amount(), 'unpriced' => $unpriced];
    }

    /**
     * What an owned part costs as it is in stock; a part that is not owned brings its own price.
     *
     * @param array<string, InventoryPart> $stock by id
     */
    public static function ofPart(InventoryPartDocument $part, array $stock): ?Money
    {
        $owned = $stock[$part->id ?? ''] ?? null;

        return null !== $owned ? $owned->cost() : (null === $part->cost ? null : Money::of($part->cost));
    }

    /**
     * Small hardware is taken from whatever of its kind is in stock, of the very size first.
     *
     * @param array<string, InventoryPart> $stock by id
     */
    public static function ofKind(array $stock, PartKind $kind, string $size): ?InventoryPart
    {
        $best = null;
        foreach ($stock as $part) {
            if ($part->kind() === $kind && (null === $best || ($part->document()->data()['size'] ?? '') === $size)) {
                $best = $part;
            }
        }

        return $best;
    }
}
