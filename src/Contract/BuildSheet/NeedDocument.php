<?php

declare(strict_types=1);

namespace App\Contract\BuildSheet;

use Kontrast\Inventory\PartKind;
use OpenApi\Attributes as OA;

/** A part that a batch uses. */
#[OA\Schema(schema: 'Need', additionalProperties: false, required: ['id', 'name', 'kind', 'size', 'needed', 'there', 'short', 'cost'])]
final readonly class NeedDocument
{
    public function __construct(
        #[OA\Property(nullable: true)]
        public ?string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(type: 'string', enum: PartKind::class)]
        public PartKind $kind,
        #[OA\Property]
        public string $size,
        #[OA\Property]
        public int $needed,
        #[OA\Property]
        public int $there,
        #[OA\Property]
        public int $short,
        #[OA\Property(nullable: true, description: 'Of one.')]
        public ?float $cost,
    ) {
    }
}
