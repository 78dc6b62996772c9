<?php

declare(strict_types=1);

namespace Kontrast\Material;

use Kontrast\Lure\HasLabel;
use Kontrast\Water\Spectrum;

/** The metals blades are plated with. */
enum Metal: string
{
    use HasLabel;

    case Silver = 'silver';
    case Gold = 'gold';
    case Copper = 'copper';

    /**
     * ρ(λ): silver 0.93; gold 0.38 below 480 nm rising to 0.90 at 560; copper 0.50 below 540 rising to 0.92 at 610. (Chosen after tables
     * of polished metals.).
     */
    public function reflectance(): Spectrum
    {
        return Spectrum::from(match ($this) {
            self::Silver => static fn (float $nm): float => 0.93,
            self::Gold => static fn (float $nm): float => self::ramp($nm, 480, 0.38, 560, 0.90),
            self::Copper => static fn (float $nm): float => self::ramp($nm, 540, 0.50, 610, 0.92),
        });
    }

    private static function ramp(float $nm, float $from, float $low, float $to, float $high): float
    {
        return $low + ($high - $low) * max(0.0, min(1.0, ($nm - $from) / ($to - $from)));
    }
}
