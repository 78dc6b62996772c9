<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Inventory\InventoryBlade;
use Kontrast\Inventory\InventorySkirt;
use Kontrast\Inventory\InventoryTrailer;
use Kontrast\Material\OpticalPart;
use Kontrast\Vision\ReducedPart;
use Kontrast\Vision\Viewing;

/** Owned parts as they are in one scene, each worked out once. */
final readonly class ViewedParts
{
    /** @var \WeakMap<object, non-empty-list<ReducedPart>> by part */
    private \WeakMap $reduced;
    /** @var \WeakMap<InventoryTrailer, non-empty-list<ReducedPart>> */
    private \WeakMap $bases;

    /** @param string $key tells the scene from all others */
    public function __construct(public string $key, public Viewing $viewing)
    {
        $this->reduced = new \WeakMap();
        $this->bases = new \WeakMap();
    }

    public function skirtBase(InventorySkirt $skirt): ReducedPart
    {
        return $this->known($skirt, static fn (): array => [$skirt->parts()[0]])[0];
    }

    /**
     * @param bool $isBaseAlone where nothing but the base is looked at
     *
     * @return non-empty-list<ReducedPart> its base first
     */
    public function trailer(InventoryTrailer $trailer, bool $isBaseAlone = false): array
    {
        if ($isBaseAlone) {
            return $this->bases[$trailer] ??= [ReducedPart::of($trailer->parts()[0], $this->viewing)];
        }

        return $this->known($trailer, $trailer->parts(...));
    }

    public function blade(InventoryBlade $blade): ReducedPart
    {
        return $this->known($blade, static fn (): array => [$blade->part('blade.rear')])[0];
    }

    /**
     * @param callable(): non-empty-list<OpticalPart> $parts
     *
     * @return non-empty-list<ReducedPart>
     */
    private function known(object $owned, callable $parts): array
    {
        return $this->reduced[$owned] ??= array_map(
            fn (OpticalPart $part): ReducedPart => ReducedPart::of($part, $this->viewing),
            $parts(),
        );
    }
}
