<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Inventory\PartMapper;
use Kontrast\Trip\CarriedTrailer;
use OpenApi\Attributes as OA;

/** A trailer to carry. */
#[OA\Schema(schema: 'CarriedTrailer', additionalProperties: false)]
final readonly class CarriedTrailerDocument
{
    public function __construct(
        public InventoryPartDocument $part,
        #[OA\Property(description: 'Share of the day it is on a hook.')]
        public float $covers,
    ) {
    }

    /** @param array<string, InventoryPartDocument> $owned */
    public static function of(CarriedTrailer $trailer, array $owned): self
    {
        return new self(PartMapper::document($trailer->trailer, $owned), round($trailer->covers, 3));
    }
}
