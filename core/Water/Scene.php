<?php

declare(strict_types=1);

namespace Kontrast\Water;

use Kontrast\Measure\Length;
use Kontrast\Reading\Reading;

/** The place where the lure is looked at: its water, its light, and what lies behind it. */
final readonly class Scene
{
    /** Share of the downward light that falls on an upright face. (Chosen.) */
    private const UPRIGHT = 0.4;
    /** Upward light as b_b/a times this. Morel & Prieur 1977. */
    private const UPWELLING = 0.33;
    private const MOST_UPWELLING = 0.5;

    /**
     * @param Spectrum $background L_bg, radiance of the water behind the lure
     * @param Spectrum $face       irradiance on the face that is looked at
     * @param Spectrum $upright    irradiance on an upright face there, whichever is looked at
     */
    private function __construct(
        public SolvedWater $water,
        public LightAtDepth $light,
        public Length $depth,
        public Direction $from,
        public Spectrum $background,
        public Spectrum $face,
        private Spectrum $upright,
    ) {
    }

    /**
     * The scene of a reading: at its depth, or at the visibility where that is less.
     *
     * @throws ClearerThanWater
     */
    public static function of(
        Reading $reading,
        Direction $from,
        float $gamma = WaterSolver::GAMMA,
        float $upright = self::UPRIGHT,
    ): self {
        $depth = $reading->depth->isLongerThan($reading->visibility) ? $reading->visibility : $reading->depth;

        return self::at(WaterSolver::solve($reading, $gamma), $depth, $from, $upright);
    }

    /** @param float $upright share of the downward light that falls on an upright face */
    public static function at(SolvedWater $water, Length $depth, Direction $from, float $upright = self::UPRIGHT): self
    {
        $light = $water->lightAt($depth);
        $a = $water->mixture->absorption->samples;
        $bb = $water->mixture->backscatter->samples;
        $background = [];
        $face = [];
        foreach ($light->irradiance->samples as $i => $e) {
            if (Direction::Side === $from) {
                $background[] = $e / \M_PI * $bb[$i] / ($a[$i] + $bb[$i]);
                $face[] = $upright * $e;
            } else {
                $background[] = $e / \M_PI;
                $face[] = self::upwelling($a[$i], $bb[$i]) * $e;
            }
        }

        return new self(
            $water,
            $light,
            $depth,
            $from,
            Spectrum::of($background),
            Spectrum::of($face),
            $light->irradiance->scaled($upright),
        );
    }

    /** Light that comes up from the water below, of that which goes down. */
    public static function upwelling(float $absorption, float $backscatter): float
    {
        return min(self::MOST_UPWELLING, self::UPWELLING * $backscatter / $absorption);
    }

    /** The radiance of a white card that hangs upright where the lure is: what eyes there are used to, wherever they look. */
    public function card(): Spectrum
    {
        return $this->upright->scaled(1 / \M_PI);
    }

    /**
     * What is left of a radiance after a level path, the water between filled in. Duntley 1963:
     * L(r) = L0·e^(−c·r) + L_bg·(1 − e^(−c·r)).
     */
    public function through(Spectrum $radiance, Length $distance): Spectrum
    {
        $r = $distance->inMetres();
        $seen = [];
        foreach ($radiance->samples as $i => $l0) {
            $left = exp(-$this->water->mixture->attenuation->samples[$i] * $r);
            $seen[] = $l0 * $left + $this->background->samples[$i] * (1 - $left);
        }

        return Spectrum::of($seen);
    }

    /** The distance at which parts are judged as the fish comes to them: three quarters of the mean free path of light. */
    public function judgingDistance(): Length
    {
        return Length::metres(0.75 / $this->water->beamAttenuation);
    }
}
