<?php

declare(strict_types=1);

namespace Tests\core\Scoring;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\Inventory;
use Kontrast\Inventory\InventoryBlade;
use Kontrast\Inventory\InventoryHead;
use Kontrast\Inventory\InventoryHook;
use Kontrast\Lure\Arm;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\LureKind;
use Kontrast\Reading\Reading;

/**
 * Every lure that a bin's parts make, found by putting each with each and throwing away what cannot be built: no code shared with the
 * search, nor with what says which parts fit. The order is that in which equals are listed: skirt, trailer, rear blade, front blade, head,
 * hook, each as the bin has them; without a skirt or a trailer comes last, without the others first.
 */
final class EveryBuild
{
    /** @return list<Composition> */
    public static function of(Inventory $bin, Reading $reading): array
    {
        $builds = [];
        foreach ([...$bin->skirts, null] as $skirt) {
            foreach ([...$bin->trailers, null] as $trailer) {
                foreach ([null, ...$bin->blades] as $rear) {
                    foreach ([null, ...$bin->blades] as $front) {
                        foreach ($bin->heads as $head) {
                            foreach ([null, ...$bin->hooks] as $hook) {
                                if (
                                    (null !== $skirt || LureKind::BladedJig === $reading->lure)
                                    && self::takesHead($reading, $head)
                                    && self::takesBlades($reading->lure, $head, $rear, $front)
                                    && self::takesHook($reading->lure, $head, $hook)
                                ) {
                                    $builds[] = new Composition($reading->lure, $head, $front, $rear, $skirt, $trailer, $hook);
                                }
                            }
                        }
                    }
                }
            }
        }

        return $builds;
    }

    private static function takesHead(Reading $reading, InventoryHead $head): bool
    {
        if (!\in_array($reading->lure, $head->kinds, true) || ($reading->leadFree && HeadMaterial::Lead === $head->material)) {
            return false;
        }

        return LureKind::Spinnerbait !== $reading->lure || null === $reading->arm || $head->arm === $reading->arm;
    }

    /** A1 and H1, common practice, no source: tandem on a long arm only, the front blade another one, no larger and clear of the rear. */
    private static function takesBlades(LureKind $kind, InventoryHead $head, ?InventoryBlade $rear, ?InventoryBlade $front): bool
    {
        if (LureKind::Jig === $kind || LureKind::SwimJig === $kind) {
            return null === $rear && null === $front;
        }
        if (null === $rear || (BladeShape::BladedJig === $rear->shape) !== (LureKind::BladedJig === $kind)) {
            return false;
        }
        if (null === $front) {
            return true;
        }
        // Bead, spacer of an inch, bead: 1 5/16 in from clevis to loop, and a twentieth for the swing. From memory, by outline and number.
        $longest = ['colorado' => 5, 'deep_colorado' => 5, 'indiana' => 4, 'willow' => 2];

        return LureKind::Spinnerbait === $kind && Arm::Long === $head->arm && BladeShape::BladedJig !== $front->shape
            && $front !== $rear && $front->size->number <= $rear->size->number && $front->size->number <= $longest[$front->shape->value];
    }

    /** H1 and H2, common practice, no source: never on a short arm; 1/0 or 2/0 to half an ounce, 3/0 or 4/0 from three quarters. */
    private static function takesHook(LureKind $kind, InventoryHead $head, ?InventoryHook $hook): bool
    {
        if (null === $hook) {
            return true;
        }
        $ounces = $head->weight->inOunces();
        $aughts = $ounces <= 0.5 ? [1, 2] : ($ounces < 0.75 ? [2, 3] : [3, 4]);

        return LureKind::Spinnerbait === $kind && Arm::Long === $head->arm && \in_array($hook->size->aught, $aughts, true);
    }
}
