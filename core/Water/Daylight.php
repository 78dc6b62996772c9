<?php

declare(strict_types=1);

namespace Kontrast\Water;

/** The relative spectrum of daylight from its correlated colour temperature. CIE 15:2004, section 3.1. */
final class Daylight
{
    /** Nominal temperature of D65 after the change of the second radiation constant, K. */
    public const D65_KELVIN = 6504.0;

    /** S(λ) = S0 + M1·S1 + M2·S2, 100 at 560 nm; for 4000 to 25 000 K. */
    public static function relative(float $kelvin): Spectrum
    {
        [$m1, $m2] = self::weights($kelvin);

        return Spectrum::of(array_map(
            static fn (float $s0, float $s1, float $s2): float => $s0 + $m1 * $s1 + $m2 * $s2,
            DaylightComponents::S0,
            DaylightComponents::S1,
            DaylightComponents::S2,
        ));
    }

    public static function d65(): Spectrum
    {
        return self::relative(self::D65_KELVIN);
    }

    /** @return array{float, float} M1 and M2, to the three decimals the standard rounds them to */
    private static function weights(float $t): array
    {
        if ($t < 4000 || $t > 25000) {
            throw new \DomainException('Daylight is defined from 4000 to 25 000 K.');
        }
        $x = $t <= 7000
            ? -4.6070e9 / $t ** 3 + 2.9678e6 / $t ** 2 + 0.09911e3 / $t + 0.244063
            : -2.0064e9 / $t ** 3 + 1.9018e6 / $t ** 2 + 0.24748e3 / $t + 0.237040;
        $y = -3.000 * $x ** 2 + 2.870 * $x - 0.275;
        $m = 0.0241 + 0.2562 * $x - 0.7341 * $y;

        return [
            round((-1.3515 - 1.7703 * $x + 5.9114 * $y) / $m, 3),
            round((0.0300 - 31.4424 * $x + 30.0717 * $y) / $m, 3),
        ];
    }
}
