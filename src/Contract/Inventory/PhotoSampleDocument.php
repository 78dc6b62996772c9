<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use App\Contract\Constraint\Between;
use App\Contract\Constraint\Hex;
use Kontrast\Inventory\PhotoSample;
use Kontrast\Material\Srgb;
use OpenApi\Attributes as OA;

/** A patch of a picture that was tapped: the mean of its pixels, and how many of them are at the end of the scale. */
#[OA\Schema(schema: 'PhotoSample', additionalProperties: false)]
final readonly class PhotoSampleDocument
{
    public function __construct(
        #[OA\Property(description: 'Mean of the pixels, averaged as amounts of light.')]
        #[Hex]
        public string $hex,
        #[OA\Property(description: 'Share of overexposed or black pixels.')]
        #[Between(0, 1, 'A share')]
        public float $clipped,
    ) {
    }

    public function toTap(): PhotoSample
    {
        return new PhotoSample(Srgb::hex($this->hex), $this->clipped);
    }
}
