<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use App\Contract\Advice\BuildDocument;
use Kontrast\Inventory\StarterSet;
use OpenApi\Attributes as OA;

/** Parts to start with, and the lures they make. */
#[OA\Schema(schema: 'StarterSet', additionalProperties: false)]
final readonly class StarterSetDocument
{
    /**
     * @param list<string>                $facts
     * @param list<BuildDocument>         $builds
     * @param list<InventoryPartDocument> $parts
     */
    public function __construct(
        public StarterSet $id,
        public string $title,
        public string $because,
        public array $facts,
        public array $builds,
        public array $parts,
    ) {
    }
}
