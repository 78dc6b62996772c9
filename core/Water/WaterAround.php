<?php

declare(strict_types=1);

namespace Kontrast\Water;

use Kontrast\Measure\Angle;
use Kontrast\Reading\Wind;

/** The water about a lure by where one looks: brighter upward, darker downward, and from below the window that the sky comes through. */
final readonly class WaterAround
{
    /** No path upward gains more than this much of itself. (Chosen.) */
    private const MOST_GAIN = 0.9;
    /** Share of the light at the surface that is scattered into a look upward. (Chosen.) */
    private const FROM_ABOVE = 0.1;
    /** Snell's window: the sky is seen within this angle of straight up, asin(1/1.333), 97° across. */
    private const WINDOW_DEG = 48.6;

    public function __construct(private Scene $scene)
    {
    }

    /**
     * The radiance in a level path that is tilted upward (above zero) or downward; level it is the background of the scene:
     * L_bg/(1 − e·sin ε) + [ε > 0] 0.1·E0/π·e^(−a'·z/sin ε), e = min(0.9, K_d/a'), a' = a + 0.15·b. (Chosen.).
     */
    public function toward(Angle $elevation): Spectrum
    {
        $sine = $elevation->sine();
        $water = $this->scene->water;
        $z = $this->scene->depth->inMetres();
        $light = [];
        foreach ($this->scene->background->samples as $i => $level) {
            $a = $water->mixture->absorption->samples[$i] + LightAtDepth::SIDEWAYS_SHARE * $water->mixture->scattering->samples[$i];
            $e = min(self::MOST_GAIN, $water->diffuse->samples[$i] / $a);
            $above = $sine > 0.0 ? self::FROM_ABOVE * $water->sky->irradiance->samples[$i] / \M_PI * exp(-$a * $z / $sine) : 0.0;
            $light[] = $level / (1 - $e * $sine) + $above;
        }

        return Spectrum::of($light);
    }

    /**
     * The radiance of the surface from below, so far from straight up: the sky within the window, outside it the water below, mirrored.
     * Waves tilt the surface and with it the edge.
     */
    public function surface(Angle $fromZenith, Wind $wind): Spectrum
    {
        $sky = self::share((self::WINDOW_DEG - $fromZenith->inDegrees()) / self::slope($wind)->inDegrees());
        $mixture = $this->scene->water->mixture;
        $light = [];
        foreach ($this->scene->light->irradiance->samples as $i => $e) {
            $mirrored = Scene::upwelling($mixture->absorption->samples[$i], $mixture->backscatter->samples[$i]);
            $light[] = $e / \M_PI * ($sky + (1 - $sky) * $mirrored);
        }

        return Spectrum::of($light);
    }

    /**
     * Root mean square slope of the surface, mean square 0.003 + 0.00512·W for a wind of W m/s: Cox & Munk 1954, from memory; 0, 4
     * and 8 m/s stand for calm, ripple and chop (chosen).
     */
    public static function slope(Wind $wind): Angle
    {
        $speed = match ($wind) {
            Wind::Calm => 0.0,
            Wind::Ripple => 4.0,
            Wind::Chop => 8.0,
        };

        return Angle::degrees(rad2deg(atan(sqrt(0.003 + 0.00512 * $speed))));
    }

    /** The logistic curve nearest to that of the normal distribution. */
    private static function share(float $deviations): float
    {
        return 1 / (1 + exp(-1.702 * $deviations));
    }
}
