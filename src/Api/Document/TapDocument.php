<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Bin\Tap;
use Kontrast\Material\Srgb;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A patch of a picture that was tapped: the mean of its pixels, and how many of them are at the end of the scale. */
#[OA\Schema(schema: 'Tap', additionalProperties: false, required: ['hex', 'clipped'])]
final class TapDocument
{
    #[OA\Property(pattern: '^#[0-9a-fA-F]{6}$', description: 'Mean of the pixels, averaged as amounts of light.')]
    #[Assert\Regex('/^#[0-9a-f]{6}$/iD', message: '{{ value }} is no colour. Write it as #rrggbb, six hexadecimal digits.')]
    public string $hex;

    #[OA\Property(minimum: 0, maximum: 1, description: 'Share of pixels with a channel at its end.')]
    #[Assert\Range(min: 0, max: 1, notInRangeMessage: '{{ value }} is not allowed here. A share runs from 0 to 1.')]
    public float $clipped;

    public function toTap(): Tap
    {
        return new Tap(Srgb::hex($this->hex), $this->clipped);
    }
}
