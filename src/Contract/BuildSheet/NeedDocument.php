<?php

declare(strict_types=1);

namespace App\Contract\BuildSheet;

use Kontrast\Inventory\PartKind;
use OpenApi\Attributes as OA;

/** A part that a batch uses. */
#[OA\Schema(schema: 'Need', additionalProperties: false)]
final readonly class NeedDocument
{
    public function __construct(
        public ?string $id,
        public string $name,
        public PartKind $kind,
        public string $size,
        public int $needed,
        public int $there,
        public int $short,
        #[OA\Property(description: 'Of one.')]
        public ?float $cost,
    ) {
    }
}
