<?php

declare(strict_types=1);

namespace Kontrast\Water;

use Kontrast\Measure\Length;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Tint;

/**
 * Finds the water that a visibility was read in: the amount s of the tint's mixture at which Γ/(c̄ + K̄_d) equals the depth
 * where the lure was lost from sight.
 */
final class WaterSolver
{
    /** Γ, the coupling constant of the Secchi disc. Tyler 1968; the literature spans 8 to 9.6. */
    public const GAMMA = 8.7;
    private const TOLERANCE = 1e-9;
    /** How far past the expected root the bracket is set. (Chosen.) */
    private const PAST = 1.1;
    /** Water that shows less than this is opaque either way, and below it numbers run out. (Chosen.) */
    private const LEAST_VISIBILITY_M = 1e-4;

    /** @throws ClearerThanWater */
    public static function solve(Reading $reading, float $gamma = self::GAMMA): SolvedWater
    {
        return self::find($reading->visibility, $reading->tint, SkyLight::of($reading->sky, $reading->sunElevationOrUsual()), $gamma);
    }

    /** @throws ClearerThanWater */
    public static function find(Length $visibility, Tint $tint, SkyLight $sky, float $gamma = self::GAMMA): SolvedWater
    {
        $metres = max(self::LEAST_VISIBILITY_M, $visibility->inMetres());
        $recipe = TintRecipe::of($tint);
        $light = ColourMatching::v()->times($sky->irradiance)->samples;
        // c̄ + K̄ grows with s; it is weighed by the light at half the visibility read, and has to come to Γ over that visibility.
        $excess = static fn (float $s): float => log(self::attenuation($recipe, $s, $sky, $light, $metres) * $metres / $gamma);
        [$low, $atLow] = [0.0, $excess(0.0)];
        if ($atLow > 0.0) {
            throw ClearerThanWater::than($visibility, self::clearest($recipe, $sky, $light, $metres, $gamma));
        }
        [$high, $atHigh] = [1.0, $excess(1.0)];
        while ($atHigh < 0.0) {
            [$low, $atLow] = [$high, $atHigh];
            // c̄ + K̄ grows about in proportion to s, so that this comes a little past the root.
            $high *= self::PAST * exp(-$atHigh);
            $atHigh = $excess($high);
        }
        $s = Brent::root($excess, $low, $high, $atLow, $atHigh, self::TOLERANCE);

        return self::water($recipe, $s, $sky, $metres);
    }

    /**
     * c̄ + K̄_d at an amount of the mixture, 1/m: what water() comes to, without its spectra.
     *
     * @param list<float> $light V·E₀ at each wavelength
     */
    private static function attenuation(TintRecipe $recipe, float $s, SkyLight $sky, array $light, float $visibility): float
    {
        [$absorption, $scattering] = $recipe->coefficients($s);
        $μ0 = $sky->cosine;
        $g = DiffuseAttenuation::coefficient($μ0);
        $sum = 0.0;
        $weights = 0.0;
        foreach ($absorption as $i => $a) {
            $b = $scattering[$i];
            $k = sqrt($a * $a + $g * $a * $b) / $μ0;
            $weight = $light[$i] * exp(-$k * $visibility / 2);
            $sum += $weight * ($a + $b + $k);
            $weights += $weight;
        }
        if ($weights > 0.0) {
            return $sum / $weights;
        }
        $water = self::water($recipe, $s, $sky, $visibility);

        return $water->beamAttenuation + $water->diffuseAttenuation;
    }

    private static function water(TintRecipe $recipe, float $s, SkyLight $sky, float $visibility): SolvedWater
    {
        $mixture = $recipe->mix($s);
        $diffuse = DiffuseAttenuation::kirk($mixture->absorption, $mixture->scattering, $sky->cosine);
        $weights = [];
        foreach ($diffuse->samples as $i => $k) {
            $weights[] = ColourMatching::Y[$i] * $sky->irradiance->samples[$i] * exp(-$k * $visibility / 2);
        }
        if (array_sum($weights) <= 0.0) {
            // Nothing gets through at any wavelength; the means are then those of the unweakened light.
            $weights = ColourMatching::v()->times($sky->irradiance)->samples;
        }
        $w = Spectrum::of($weights);

        return new SolvedWater(
            $s,
            $mixture,
            $sky,
            $diffuse,
            $mixture->attenuation->mean($w),
            $diffuse->mean($w),
            $mixture->scattering->mean($w),
            $recipe->particles($s),
        );
    }

    /**
     * The visibility of pure water under this sky: where reading and water agree at s = 0.
     *
     * @param list<float> $light
     */
    private static function clearest(TintRecipe $recipe, SkyLight $sky, array $light, float $above, float $gamma): Length
    {
        $excess = static fn (float $metres): float => log(self::attenuation($recipe, 0.0, $sky, $light, $metres) * $metres / $gamma);
        $low = self::LEAST_VISIBILITY_M;

        return Length::metres(Brent::root($excess, $low, $above, $excess($low), $excess($above), self::TOLERANCE));
    }
}
