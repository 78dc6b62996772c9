<?php

declare(strict_types=1);

namespace Kontrast\Statistics;

/**
 * How many times the rate of one thing is that of another, compared only within strata: Mantel & Haenszel for rates, its variance by
 * Greenland & Robins 1985 (Rothman, Greenland & Lash, Modern Epidemiology, 15).
 */
final readonly class RateRatio
{
    /** Standard deviations on either side of an interval of 80 %. */
    public const Z80 = 1.2815515655446004;

    private function __construct(public float $ratio, public float $logError)
    {
    }

    /**
     * @param list<Stratum> $strata
     * @param float         $dispersion how many times as much counts vary as chance alone would have it; 1 for Poisson
     *
     * @return self|null where the strata say nothing: no hours in common, or one of the two without an event
     */
    public static function of(array $strata, float $dispersion = 1.0): ?self
    {
        $r = $s = $v = 0.0;
        foreach ($strata as $one) {
            $all = $one->hoursA + $one->hoursB;
            if ($one->hoursA <= 0 || $one->hoursB <= 0) {
                continue;
            }
            $r += $one->eventsA * $one->hoursB / $all;
            $s += $one->eventsB * $one->hoursA / $all;
            $v += ($one->eventsA + $one->eventsB) * $one->hoursA * $one->hoursB / $all ** 2;
        }

        return $r > 0 && $s > 0 ? new self($r / $s, sqrt($dispersion * $v / ($r * $s))) : null;
    }

    /** @return array{float, float} of 80 % */
    public function interval(): array
    {
        return self::around(log($this->ratio), $this->logError);
    }

    /** @return array{float, float} of 80 %, where the logarithm of a ratio has that error */
    public static function around(float $log, float $error): array
    {
        return [exp($log - self::Z80 * $error), exp($log + self::Z80 * $error)];
    }
}
