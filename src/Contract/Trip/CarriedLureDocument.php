<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Advice\BuildDocument;
use App\Contract\Inventory\CompositionDocument;
use App\Contract\Inventory\InventoryPartDocument;
use Kontrast\Trip\CarriedLure;
use OpenApi\Attributes as OA;

/** A lure to carry. */
#[OA\Schema(schema: 'CarriedLure', additionalProperties: false, required: ['parts', 'build', 'covers', 'best_for', 'on_water'])]
final readonly class CarriedLureDocument
{
    /** @param list<string> $on_water */
    public function __construct(
        #[OA\Property(ref: CompositionDocument::class, description: 'With the trailer it is fished with most.')]
        public CompositionDocument $parts,
        #[OA\Property(ref: BuildDocument::class)]
        public BuildDocument $build,
        #[OA\Property(description: 'Share of the day it is the best one carried.')]
        public float $covers,
        #[OA\Property]
        public string $best_for,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(type: 'string'),
            description: 'What to do to it on the water, and when: a marker on the blade, the skirt off.',
        )]
        public array $on_water,
    ) {
    }

    /** @param array<string, InventoryPartDocument> $owned */
    public static function of(CarriedLure $lure, array $owned): self
    {
        return new self(
            CompositionDocument::of($lure->build, $owned),
            BuildDocument::of($lure->build->inWords()),
            round($lure->covers, 3),
            $lure->bestFor,
            $lure->onWater,
        );
    }
}
