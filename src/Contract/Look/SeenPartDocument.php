<?php

declare(strict_types=1);

namespace App\Contract\Look;

use Kontrast\Vision\ReducedPart;
use OpenApi\Attributes as OA;

/** One part against the water: Weber contrasts at the part, and the distances where it is lost, inches. */
#[OA\Schema(
    schema: 'SeenPart',
    additionalProperties: false,
)]
final readonly class SeenPartDocument
{
    public function __construct(
        public string $id,
        public float $against_water,
        #[OA\Property(description: 'When it flashes; null for matte parts.')]
        public ?float $against_water_flash,
        public float $sight_range_in,
        public ?float $flash_range_in,
    ) {
    }

    public static function of(ReducedPart $part): self
    {
        $flash = $part->againstWaterAtGlint();
        $range = $part->flashRange();

        return new self(
            $part->part->id,
            SignificantDigits::round($part->againstWater()),
            null === $flash ? null : SignificantDigits::round($flash),
            SignificantDigits::round($part->sightRange()->inInches()),
            null === $range ? null : SignificantDigits::round($range->inInches()),
        );
    }
}
