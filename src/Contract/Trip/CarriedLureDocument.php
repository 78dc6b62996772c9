<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Advice\BuildDocument;
use App\Contract\Inventory\CompositionDocument;
use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Look\LookPartDocument;
use Kontrast\Material\OpticalPart;
use Kontrast\Trip\CarriedLure;
use OpenApi\Attributes as OA;

/** A lure to carry. */
#[OA\Schema(
    schema: 'CarriedLure',
    additionalProperties: false,
)]
final readonly class CarriedLureDocument
{
    /**
     * @param list<LookPartDocument> $look_parts
     * @param list<string>           $on_water
     * @param list<StretchDocument>  $fished
     */
    public function __construct(
        #[OA\Property(description: 'With the trailer it is fished with most.')]
        public CompositionDocument $parts,
        public BuildDocument $build,
        public array $look_parts,
        #[OA\Property(description: 'Share of the day it is the best one carried.')]
        public float $covers,
        public string $best_for,
        #[OA\Property(description: 'What to do to it on the water, and when: a marker on the blade, the skirt off.')]
        public array $on_water,
        #[OA\Property(description: 'Points of the day that would be lost without it.')]
        public float $alone,
        #[OA\Property(description: 'What it is there for that no other carried is; null where the others do nearly as well.')]
        public ?string $only_for,
        #[OA\Property(description: 'The stretches of the day in which it comes into its own: fished more than over the whole day, and '
            .'more so than the others carried.')]
        public array $fished = [],
    ) {
    }

    /** @param array<string, InventoryPartDocument> $owned */
    public static function of(CarriedLure $lure, array $owned): self
    {
        return new self(
            CompositionDocument::of($lure->build, $owned),
            BuildDocument::of($lure->build->inWords()),
            array_map(static fn (OpticalPart $part): LookPartDocument => LookPartDocument::of($part), $lure->build->asLightMeetsThem()),
            round($lure->covers, 3),
            $lure->bestFor,
            $lure->onWater,
            $lure->alone,
            $lure->onlyFor,
            array_map(StretchDocument::of(...), $lure->fished),
        );
    }
}
