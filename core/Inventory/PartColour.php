<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Material\Fluorescence;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\Srgb;

/** A colour as owned: what it looks like in the hand, and whether it glows. */
final readonly class PartColour
{
    public function __construct(public Srgb $colour, public Fluorescence $fluorescence = Fluorescence::None)
    {
    }

    public function part(string $id, float $opacity = 1.0): OpticalPart
    {
        return OpticalPart::matte($id, $this->colour, $this->fluorescence, $opacity);
    }
}
