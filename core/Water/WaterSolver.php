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
    private const MOST_STEPS = 200;
    /** Water that shows less than this is opaque either way, and below it numbers run out. (Chosen.) */
    private const LEAST_VISIBILITY_M = 1e-4;

    /** @throws ClearerThanWater */
    public static function solve(Reading $reading): SolvedWater
    {
        return self::find($reading->visibility, $reading->tint, SkyLight::of($reading->sky, $reading->sunElevationOrUsual()));
    }

    /** @throws ClearerThanWater */
    public static function find(Length $visibility, Tint $tint, SkyLight $sky): SolvedWater
    {
        $metres = max(self::LEAST_VISIBILITY_M, $visibility->inMetres());
        $recipe = TintRecipe::of($tint);
        // Γ/(c̄+K̄) − visibility falls as s grows; the light it is weighed by is that at half the visibility read.
        $miss = static fn (float $s): float => self::visibility(self::water($recipe->mix($s), $s, $sky, $metres)) - $metres;
        if ($miss(0.0) < 0.0) {
            throw ClearerThanWater::than($visibility, self::clearest($recipe, $sky, $metres));
        }
        $high = 1.0;
        while ($miss($high) > 0.0) {
            $high *= 2;
        }

        $s = self::root($miss, 0.0, $high);

        return self::water($recipe->mix($s), $s, $sky, $metres);
    }

    private static function visibility(SolvedWater $water): float
    {
        return self::GAMMA / ($water->beamAttenuation + $water->diffuseAttenuation);
    }

    private static function water(Mixture $mixture, float $s, SkyLight $sky, float $visibility): SolvedWater
    {
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

        return new SolvedWater($s, $mixture, $sky, $diffuse, $mixture->attenuation->mean($w), $diffuse->mean($w));
    }

    /** The visibility of pure water under this sky: where reading and water agree at s = 0. */
    private static function clearest(TintRecipe $recipe, SkyLight $sky, float $above): Length
    {
        $pure = $recipe->mix(0.0);
        $excess = static fn (float $metres): float => self::visibility(self::water($pure, 0.0, $sky, $metres)) - $metres;

        return Length::metres(self::root($excess, 0.0, $above));
    }

    /**
     * Bisection between two ends at which a falling function has opposite signs.
     *
     * @param callable(float): float $f
     */
    private static function root(callable $f, float $low, float $high): float
    {
        for ($i = 0; $i < self::MOST_STEPS && $high - $low > self::TOLERANCE * max(1.0, $high); ++$i) {
            $middle = ($low + $high) / 2;
            if ($f($middle) > 0.0) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }
}
