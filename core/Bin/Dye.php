<?php

declare(strict_types=1);

namespace Kontrast\Bin;

use Kontrast\Material\Fluorescence;
use Kontrast\Material\Part;
use Kontrast\Material\Srgb;

/** A colour as owned: what it looks like in the hand, and whether it glows. */
final readonly class Dye
{
    public function __construct(public Srgb $colour, public Fluorescence $fluorescence = Fluorescence::None)
    {
    }

    public function part(string $id, float $opacity = 1.0): Part
    {
        return Part::matte($id, $this->colour, $this->fluorescence, $opacity);
    }
}
