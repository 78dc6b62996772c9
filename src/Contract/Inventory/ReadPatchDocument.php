<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use OpenApi\Attributes as OA;

/** The colors of a patch of a picture, the largest first. */
#[OA\Schema(schema: 'ReadPatch', additionalProperties: false)]
final readonly class ReadPatchDocument
{
    /**
     * @param list<PatchColourDocument> $colours
     * @param list<string>              $warnings
     */
    public function __construct(
        public array $colours,
        public array $warnings,
    ) {
    }
}
