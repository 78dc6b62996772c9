<?php

declare(strict_types=1);

namespace Kontrast\Water;

use Kontrast\Reading\Tint;

/** What colors and clouds a water, in proportions set by its tint; the amount s is solved for. Proportions are chosen. */
final readonly class TintRecipe
{
    /** Scattering of suspended mineral at 550 nm, m²/g. (Chosen.) */
    private const MINERAL_SCATTERING = 0.5;

    /**
     * @param list<array{float, float, float, float, float, float, float}> $shapes the parts of a and b that do not depend on amounts, a
     *        wavelength each
     */
    private function __construct(private float $dissolved, private float $chlorophyll, private float $mineral, private array $shapes)
    {
    }

    public static function of(Tint $tint): self
    {
        [$dissolved, $chlorophyll, $mineral] = self::amounts($tint);

        return new self($dissolved, $chlorophyll, $mineral, self::shapes());
    }

    /**
     * @return array{float, float, float} dissolved absorption g at 440 nm in 1/m, chlorophyll in mg/m³, suspended mineral in g/m³ (chosen)
     */
    private static function amounts(Tint $tint): array
    {
        return match ($tint) {
            Tint::None => [0.06, 1.0, 0.3],
            Tint::Green => [0.08, 12.0, 0.6],
            Tint::Tannic => [2.5, 1.5, 0.6],
            Tint::Clay => [0.5, 1.0, 8.0],
        };
    }

    /** What drifts in it and is seen: 4·mineral (g/m³) + 0.4·chlorophyll (mg/m³). (Chosen.) */
    public function particles(float $s): float
    {
        return (4 * $this->mineral + 0.4 * $this->chlorophyll) * $s;
    }

    /** @param float $s how much of the tint's mixture; 0 is pure water */
    public function mix(float $s): Mixture
    {
        return Mixture::of(...$this->coefficients($s));
    }

    /**
     * @param float $s how much of the tint's mixture; 0 is pure water
     *
     * @return array{list<float>, list<float>} absorption and scattering at each wavelength, 1/m
     */
    public function coefficients(float $s): array
    {
        $dissolvedHere = $this->dissolved * $s;
        $pigmentHere = 0.0405 * ($this->chlorophyll * $s) ** 0.8;
        $triptonHere = 0.035 * $this->mineral * $s;
        $algaeHere = 0.30 * ($this->chlorophyll * $s) ** 0.62;
        $particlesHere = self::MINERAL_SCATTERING * $this->mineral * $s;
        $a = [];
        $b = [];
        foreach ($this->shapes as [$water, $dissolved, $pigment, $tripton, $waterScattering, $algae, $particles]) {
            // a: pure water, dissolved matter (Bricaud 1981), pigment (after Bricaud 1995), mineral (Babin 2003).
            $a[] = $water + $dissolvedHere * $dissolved + $pigmentHere * $pigment + $triptonHere * $tripton;
            // b: pure water (Morel 1974), algae (Loisel & Morel 1998), mineral.
            $b[] = $waterScattering + $algaeHere * $algae + $particlesHere * $particles;
        }

        return [$a, $b];
    }

    /**
     * A_ph: how pigments take light, 1 about 440 nm. Shape chosen after Bricaud 1995; from 590 to 650 nm algae take a fifth to a third of
     * the peak, more where they have phycocyanin (from memory).
     */
    private static function pigment(float $nm): float
    {
        $band = static fn (float $peak, float $width): float => exp(-((($nm - $peak) / $width) ** 2));

        return $band(440, 35) + 0.25 * $band(480, 30) + 0.45 * $band(675, 14) + 0.15 * $band(625, 30) + 0.08;
    }

    /**
     * @return list<array{float, float, float, float, float, float, float}> the parts of a and b that do not depend on amounts, a
     *        wavelength each
     */
    private static function shapes(): array
    {
        return array_map(static fn (float $nm, float $water, float $waterScattering): array => [
            $water,
            exp(-0.014 * ($nm - 440)),
            self::pigment($nm),
            exp(-0.0123 * ($nm - 443)),
            $waterScattering,
            550 / $nm,
            (550 / $nm) ** 0.6,
        ], Grid::wavelengths(), PureWater::ABSORPTION, PureWater::scattering()->samples);
    }
}
