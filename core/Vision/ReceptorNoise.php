<?php

declare(strict_types=1);

namespace Kontrast\Vision;

/**
 * How far apart two lights are for an eye whose receptors are noisy, in just-noticeable differences.
 * Vorobyev & Osorio 1998 for two cones: ΔS = |Δf₁ − Δf₂| / √(e₁² + e₂²), Δf the logarithm of the ratio of catches.
 */
final class ReceptorNoise
{
    /**
     * @param float $logRatioA ln(catch of cone 1 / catch of cone 2) of one light
     * @param float $logRatioB the same of the other
     */
    public static function colour(float $logRatioA, float $logRatioB): float
    {
        return abs($logRatioA - $logRatioB) / (BassEye::CONE_NOISE * \M_SQRT2);
    }

    public static function tone(float $logToneA, float $logToneB): float
    {
        return abs($logToneA - $logToneB) / BassEye::TONE_NOISE;
    }
}
