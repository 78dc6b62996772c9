<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\GenericParts;
use Kontrast\Inventory\Inventory;
use Kontrast\Inventory\InventoryBlade;
use Kontrast\Inventory\InventoryHead;
use Kontrast\Inventory\InventoryHook;
use Kontrast\Inventory\InventorySkirt;
use Kontrast\Inventory\InventoryTrailer;

/**
 * The advised build whether or not any part of it is owned: in each slot an owned part that does nearly as well as the advised one, and
 * where there is none, the advised one as a generic part. Slots are filled in the order in which a lure is put together.
 */
final readonly class AdvisedBuild
{
    /** What an owned part may cost a build, in thousandths of a point, before a generic one takes its place. (Chosen.) */
    public const MOST_LOST = 5000;

    public function __construct(private BuildScorer $scorer)
    {
    }

    public function make(Inventory $owned): Composition
    {
        $build = GenericParts::compose($this->scorer->brief->build);
        $kind = $build->kind;
        $build = $this->filled($build, array_filter(
            $owned->heads,
            fn (InventoryHead $head): bool => PartFit::head($head, $this->scorer->reading),
        ));
        $blades = array_filter($owned->blades, static fn (InventoryBlade $blade): bool => $kind->bladeMount()->takes($blade->shape));
        if (null !== $build->rear) {
            $rears = array_filter($blades, static fn (InventoryBlade $rear): bool => self::keepsFront($build, $rear));
            $build = $this->filled($build, $rears);
        }
        if (null !== $build->front && null !== $build->rear) {
            $rear = $build->rear;
            $fronts = array_filter($blades, static fn (InventoryBlade $front): bool => PartFit::front($front, $rear));
            $build = $this->filled($build, $fronts, true);
        }
        foreach ([[$build->skirt, $owned->skirts], [$build->trailer, $owned->trailers]] as [$advised, $parts]) {
            $build = null === $advised ? $build : $this->filled($build, $parts);
        }
        if (null === $build->hook || !$kind->takesTrailerHook()) {
            return $build->withoutHook();
        }
        $head = $build->head;
        if (!PartFit::hook($build->hook, $head)) {
            $build = $build->withoutHook();
        }

        return $this->filled($build, array_filter($owned->hooks, static fn (InventoryHook $hook): bool => PartFit::hook($hook, $head)));
    }

    /**
     * What somebody would have to buy to make it.
     *
     * @return list<InventoryHead|InventoryBlade|InventorySkirt|InventoryTrailer|InventoryHook>
     */
    public static function notOwned(Composition $build): array
    {
        return array_values(array_filter($build->parts(), GenericParts::isGeneric(...)));
    }

    /** @param array<InventoryHead|InventoryBlade|InventorySkirt|InventoryTrailer|InventoryHook> $parts that fit one slot */
    private function filled(Composition $build, array $parts, bool $inFront = false): Composition
    {
        $best = $build;
        $most = $this->scorer->measure($build)->points - self::MOST_LOST;
        foreach ($parts as $part) {
            $with = $build->with($part, $inFront);
            $points = $this->scorer->measure($with)->points;
            if ($points >= $most && ($best === $build || $points > $most)) {
                [$best, $most] = [$with, $points];
            }
        }

        return $best;
    }

    private static function keepsFront(Composition $build, InventoryBlade $rear): bool
    {
        return null === $build->front || PartFit::front($build->front, $rear);
    }
}
