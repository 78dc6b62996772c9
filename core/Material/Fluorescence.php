<?php

declare(strict_types=1);

namespace Kontrast\Material;

use Kontrast\Lure\HasLabel;
use Kontrast\Water\Grid;
use Kontrast\Water\Spectrum;

/** Whether a dye gives short-wave light back as a band of its own, which is why hot colours hold on with depth. */
enum Fluorescence: string
{
    use HasLabel;

    case None = 'none';
    case Chartreuse = 'chartreuse';
    case Orange = 'orange';

    /** Light below cut nm is taken up; η of it comes back about peak nm, as wide as width nm. (Chosen.) */
    private const DYES = [
        'chartreuse' => ['cut' => 480.0, 'peak' => 525.0, 'width' => 22.0, 'yield' => 0.35],
        'orange' => ['cut' => 540.0, 'peak' => 600.0, 'width' => 22.0, 'yield' => 0.25],
    ];

    /** The radiance the dye adds under an irradiance: η · Σ_(λ<cut) face·10, spread over a Gaussian of unit area, over π. */
    public function glow(Spectrum $face): Spectrum
    {
        if (self::None === $this) {
            return Spectrum::flat(0.0);
        }
        ['cut' => $cut, 'peak' => $peak, 'width' => $width, 'yield' => $yield] = self::DYES[$this->value];
        $taken = 0.0;
        foreach (Grid::wavelengths() as $i => $nm) {
            $taken += $nm < $cut ? $face->samples[$i] * Grid::STEP_NM : 0.0;
        }
        $given = $yield * $taken / \M_PI / ($width * sqrt(2 * \M_PI));

        return Spectrum::from(static fn (float $nm): float => $given * exp(-0.5 * (($nm - $peak) / $width) ** 2));
    }
}
