<?php

declare(strict_types=1);

namespace App\UseCase\Batch;

use App\Persistence\Entity\InventoryPart;
use Kontrast\BuildSheet\Hardware;
use Kontrast\Inventory\Composition;
use Kontrast\Inventory\Money;
use Kontrast\Inventory\PartKind;

/** What a build costs, part by part, out of what is in stock. */
final class PartCosts
{
    /**
     * @param array<string, InventoryPart> $stock by id
     *
     * @return array{cost: float, unpriced: list<string>}
     */
    public static function of(Composition $build, array $stock): array
    {
        $sum = Money::minor(0);
        $unpriced = [];
        foreach ($build->parts() as $part) {
            $cost = ($stock[$part->id()] ?? null)?->cost();
            null === $cost ? $unpriced[] = $part->name() : $sum = $sum->plus($cost);
        }
        foreach (Hardware::of($build) as $hardware) {
            $cost = self::ofKind($stock, $hardware->kind, $hardware->size)?->cost();
            null === $cost
                ? $unpriced[] = "{$hardware->kind->value}, {$hardware->size}"
                : $sum = $sum->plus($cost->times($hardware->count));
        }

        return ['cost' => $sum->amount(), 'unpriced' => $unpriced];
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
            if ($part->kind() === $kind && (null === $best || ($part->fields()['size'] ?? '') === $size)) {
                $best = $part;
            }
        }

        return $best;
    }
}
