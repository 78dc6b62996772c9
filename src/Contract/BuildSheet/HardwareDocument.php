<?php

declare(strict_types=1);

namespace App\Contract\BuildSheet;

use Kontrast\BuildSheet\Hardware;
use Kontrast\Inventory\PartKind;
use OpenApi\Attributes as OA;

/** Small things that hold a build together. */
#[OA\Schema(schema: 'Hardware', additionalProperties: false)]
final readonly class HardwareDocument
{
    public function __construct(
        public PartKind $kind,
        public string $size,
        public int $count,
    ) {
    }

    public static function of(Hardware $hardware): self
    {
        return new self($hardware->kind, Hardware::said($hardware->size), $hardware->count);
    }
}
