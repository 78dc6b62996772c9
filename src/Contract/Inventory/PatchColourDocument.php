<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use Kontrast\Inventory\NearestColour;
use Kontrast\Inventory\PatchColour;
use Kontrast\Lure\Colour;
use OpenApi\Attributes as OA;

/** One of the colors of a patch. */
#[OA\Schema(schema: 'PatchColour', additionalProperties: false)]
final readonly class PatchColourDocument
{
    public function __construct(
        #[OA\Property(pattern: '^#[0-9a-f]{6}$')]
        public string $hex,
        #[OA\Property(description: 'The color word that is nearest.')]
        public Colour $nearest,
        #[OA\Property(description: 'Of the patch, 0 to 1.')]
        public float $share,
    ) {
    }

    public static function of(PatchColour $one): self
    {
        return new self($one->colour->toHex(), NearestColour::nearest($one->colour), round($one->share, 3));
    }
}
