<?php

declare(strict_types=1);

namespace Kontrast\Water;

use Kontrast\Reading\Tint;

/**
 * What colours and clouds a water, in proportions set by its tint and in an amount s. Proportions are chosen.
 */
final readonly class Mixture
{
    /** Dissolved absorption g at 440 nm in 1/m, chlorophyll in mg/m³, suspended mineral in g/m³. (Chosen.) */
    private const TINTS = [
        'none' => [0.06, 1.0, 0.3],
        'green' => [0.25, 12.0, 0.6],
        'tannic' => [2.5, 1.5, 0.6],
        'clay' => [0.5, 1.0, 8.0],
    ];
    /** Scattering of suspended mineral at 550 nm, m²/g. (Chosen.) */
    private const MINERAL_SCATTERING = 0.5;
    /** Share of scattered light that turns back: the mean of Petzold's 1972 measurements. */
    private const BACKSCATTER_SHARE = 0.018;

    /**
     * @param Spectrum $absorption  a, 1/m
     * @param Spectrum $scattering  b, 1/m
     * @param Spectrum $attenuation c = a + b, 1/m
     * @param Spectrum $backscatter b_b, 1/m
     */
    private function __construct(public Spectrum $absorption, public Spectrum $scattering, public Spectrum $attenuation, public Spectrum $backscatter)
    {
    }

    /** @param float $s how much of the tint's mixture; 0 is pure water */
    public static function of(Tint $tint, float $s): self
    {
        [$g, $chlorophyll, $mineral] = self::TINTS[$tint->value];
        $a = [];
        $b = [];
        foreach (self::shapes() as [$water, $dissolved, $pigment, $tripton, $waterScattering, $algae, $particles]) {
            // a: pure water, dissolved matter (Bricaud 1981), pigment (after Bricaud 1995), mineral (Babin 2003).
            $a[] = $water + $g * $s * $dissolved + 0.0405 * ($chlorophyll * $s) ** 0.8 * $pigment + 0.035 * $mineral * $s * $tripton;
            // b: pure water (Morel 1974), algae (Loisel & Morel 1998), mineral.
            $b[] = $waterScattering + 0.30 * ($chlorophyll * $s) ** 0.62 * $algae + self::MINERAL_SCATTERING * $mineral * $s * $particles;
        }
        $absorption = Spectrum::of($a);
        $scattering = Spectrum::of($b);

        return new self($absorption, $scattering, $absorption->plus($scattering), $scattering->scaled(self::BACKSCATTER_SHARE));
    }

    /** A_ph: how pigments take light, 1 about 440 nm. Shape chosen after Bricaud 1995. */
    private static function pigment(float $nm): float
    {
        return exp(-((($nm - 440) / 35) ** 2)) + 0.25 * exp(-((($nm - 480) / 30) ** 2)) + 0.45 * exp(-((($nm - 675) / 14) ** 2)) + 0.08;
    }

    /** @return list<array{float, float, float, float, float, float, float}> the parts of a and b that do not depend on amounts, a wavelength each */
    private static function shapes(): array
    {
        /** @var list<array{float, float, float, float, float, float, float}>|null $shapes */
        static $shapes = null;
        if (null === $shapes) {
            $scattering = PureWater::scattering()->samples;
            $shapes = array_map(static fn (float $nm, float $water, float $waterScattering): array => [
                $water,
                exp(-0.016 * ($nm - 440)),
                self::pigment($nm),
                exp(-0.0123 * ($nm - 443)),
                $waterScattering,
                550 / $nm,
                (550 / $nm) ** 0.6,
            ], Grid::wavelengths(), PureWater::ABSORPTION, $scattering);
        }

        return $shapes;
    }
}
