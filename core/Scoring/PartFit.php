<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Inventory\Inventory;
use Kontrast\Inventory\InventoryBlade;
use Kontrast\Inventory\InventoryHead;
use Kontrast\Inventory\InventoryHook;
use Kontrast\Lure\Arm;
use Kontrast\Lure\BladeDimensions;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\LureKind;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;
use Kontrast\Reading\Reading;

/** Which parts can go together at all; how well they do is another question. */
final class PartFit
{
    /** From the clevis to the loop of the rear blade: bead, one-inch spacer, bead (A1); beads of 5/32 in (chosen). */
    private const CLEVIS_TO_LOOP_IN = 1 + 2 * 5 / 32;
    /** The front blade swings out as it turns, and clears what hangs a little nearer than its length. (Chosen.) */
    private const SWING = 1.05;

    public static function head(InventoryHead $head, Reading $reading): bool
    {
        return $head->isFor($reading->lure)
            && !($reading->leadFree && HeadMaterial::Lead === $head->material)
            && (null === $reading->arm || !$reading->lure->hasWire() || $head->arm === $reading->arm);
    }

    /** Whether these parts make a whole lure of the kind that is asked for. */
    public static function makes(Inventory $bin, Reading $reading): bool
    {
        return self::hasRest($bin, $reading->lure)
            && [] !== array_filter($bin->heads, static fn (InventoryHead $head): bool => self::head($head, $reading));
    }

    /** @return list<LureKind> of which these parts make a whole lure, for some water at least */
    public static function kinds(Inventory $bin): array
    {
        return array_values(array_filter(
            LureKind::cases(),
            static fn (LureKind $kind): bool => self::hasRest($bin, $kind)
                && [] !== array_filter($bin->heads, static fn (InventoryHead $head): bool => $head->isFor($kind)),
        ));
    }

    /** Whether there is all but a head. */
    private static function hasRest(Inventory $bin, LureKind $kind): bool
    {
        $mount = $kind->bladeMount();

        return ([] !== $bin->skirts || $kind->goesWithoutSkirt())
            && (!$kind->hasBlade()
                || [] !== array_filter($bin->blades, static fn (InventoryBlade $blade): bool => $mount->takes($blade->shape)));
    }

    /** A front blade is no larger than the rear one, and turns without striking it. */
    public static function front(InventoryBlade $front, InventoryBlade $rear): bool
    {
        return $front->id !== $rear->id && self::frontBySize($front, $rear);
    }

    /** Whether blades of these measures go together, whichever they are. */
    public static function frontBySize(InventoryBlade $front, InventoryBlade $rear): bool
    {
        return $front->size->number <= $rear->size->number && !self::clashes($front);
    }

    public static function clashes(InventoryBlade $front): bool
    {
        return BladeDimensions::length($front->shape, $front->size)->isLongerThan(self::clevisToLoop()->times(self::SWING));
    }

    public static function clevisToLoop(): Length
    {
        return Length::inches(self::CLEVIS_TO_LOOP_IN);
    }

    /** H1, H2: never on a short arm, and of a size that ends where the skirt does. */
    public static function hook(InventoryHook $hook, InventoryHead $head): bool
    {
        return Arm::Long === $head->arm && \in_array($hook->size->aught, self::hookAughts($head->weight), true);
    }

    /**
     * @return non-empty-list<int> the trailer hooks a head of this weight carries (H2; between the two named weights the sizes between,
     *        chosen)
     */
    public static function hookAughts(Weight $head): array
    {
        return match (true) {
            $head->inOunces() <= 0.5 => [1, 2],
            $head->inOunces() < 0.75 => [2, 3],
            default => [3, 4],
        };
    }
}
