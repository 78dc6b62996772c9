<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Inventory\PartMapper;
use Kontrast\Inventory\InventoryBlade;
use OpenApi\Attributes as OA;

/** The blades of a lure: none, the rear one, or two. */
#[OA\Schema(schema: 'Blades', additionalProperties: false)]
final readonly class BladesDocument
{
    public function __construct(public ?InventoryPartDocument $front, public ?InventoryPartDocument $rear)
    {
    }

    /**
     * @param array{InventoryBlade|null, InventoryBlade|null} $pair  front and rear
     * @param array<string, InventoryPartDocument>            $owned by id
     */
    public static function of(array $pair, array $owned): self
    {
        return new self(...array_map(
            static fn (?InventoryBlade $blade): ?InventoryPartDocument => null === $blade ? null : PartMapper::document($blade, $owned),
            $pair,
        ));
    }
}
