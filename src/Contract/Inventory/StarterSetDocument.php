<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use App\Contract\Advice\BuildDocument;
use Kontrast\Inventory\StarterSet;
use OpenApi\Attributes as OA;

/** Parts to start with, and the lures they make. */
#[OA\Schema(schema: 'StarterSet', additionalProperties: false, required: ['id', 'title', 'because', 'facts', 'builds', 'parts'])]
final readonly class StarterSetDocument
{
    /**
     * @param list<string>                $facts
     * @param list<BuildDocument>         $builds
     * @param list<InventoryPartDocument> $parts
     */
    public function __construct(
        #[OA\Property(type: 'string', enum: StarterSet::class)]
        public StarterSet $id,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $because,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $facts,
        #[OA\Property(type: 'array', items: new OA\Items(ref: BuildDocument::class))]
        public array $builds,
        #[OA\Property(type: 'array', items: new OA\Items(ref: InventoryPartDocument::class))]
        public array $parts,
    ) {
    }
}
