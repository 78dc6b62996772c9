<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use Kontrast\Inventory\NearestColour;
use Kontrast\Lure\Colour;
use Kontrast\Material\Srgb;
use OpenApi\Attributes as OA;

/** A colour read off something. */
#[OA\Schema(schema: 'ReadColour', additionalProperties: false)]
final readonly class ReadColourDocument
{
    /** @param list<string> $warnings */
    public function __construct(
        #[OA\Property(pattern: '^#[0-9a-f]{6}$')]
        public string $hex,
        #[OA\Property(description: 'The color word that is nearest.')]
        public Colour $nearest,
        #[OA\Property(description: 'CIEDE2000 from the mean to the farthest measurement.')]
        public float $spread,
        public array $warnings,
    ) {
    }

    /** @param list<string> $warnings */
    public static function of(Srgb $colour, float $spread, array $warnings): self
    {
        return new self($colour->toHex(), NearestColour::nearest($colour), round($spread, 1), $warnings);
    }
}
