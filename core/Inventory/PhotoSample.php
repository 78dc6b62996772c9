<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Material\Srgb;

/** A small patch of a picture that was tapped: the mean of its pixels, and how many of them are at the end of the scale. */
final readonly class PhotoSample
{
    /** @param float $clipped share of pixels with a channel at its end, 0 to 1 */
    public function __construct(public Srgb $mean, public float $clipped)
    {
    }
}
