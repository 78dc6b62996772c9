<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use App\Contract\Inventory\CompositionDocument;
use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Reader\LimitsLists;
use App\Contract\Reader\Sparse;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** What is in the box on the water: lures as they are tied, and trailers and blades to change them with. */
#[OA\Schema(schema: 'CarriedBox', additionalProperties: false)]
final readonly class CarriedBoxDocument implements LimitsLists, Sparse
{
    private const MOST = 60;

    /**
     * @param list<CompositionDocument>   $lures
     * @param list<InventoryPartDocument> $trailers
     * @param list<InventoryPartDocument> $blades
     */
    public function __construct(
        #[Assert\Valid]
        public array $lures = [],
        #[Assert\Valid]
        public array $trailers = [],
        #[Assert\Valid]
        public array $blades = [],
    ) {
    }

    public static function limits(): array
    {
        return ['lures' => self::MOST, 'trailers' => self::MOST, 'blades' => self::MOST];
    }
}
