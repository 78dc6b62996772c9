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
    private const Z80 = 1.2815515655446004;
    /** Ratios whose logarithm is closer to 0 are alike: five in a hundred. (Chosen.) */
    private const ALIKE = 0.05;

    private function __construct(public float $ratio, public float $logError, public float $hours)
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
        $r = $s = $v = $hours = 0.0;
        foreach ($strata as $one) {
            $all = $one->hoursA + $one->hoursB;
            if ($one->hoursA <= 0 || $one->hoursB <= 0) {
                continue;
            }
            $r += $one->eventsA * $one->hoursB / $all;
            $s += $one->eventsB * $one->hoursA / $all;
            $v += ($one->eventsA + $one->eventsB) * $one->hoursA * $one->hoursB / $all ** 2;
            $hours += $all;
        }

        return $r > 0 && $s > 0 ? new self($r / $s, sqrt($dispersion * $v / ($r * $s)), $hours) : null;
    }

    /**
     * The same with another belief about how large it is: shrunk toward no difference, say.
     *
     * @param array{float, float} $belief the logarithm of the ratio, and its error
     */
    public function believed(array $belief): self
    {
        return new self(exp($belief[0]), $belief[1], $this->hours);
    }

    /** @return array{float, float} of 80 % */
    public function interval(): array
    {
        return [$this->ratio * exp(-self::Z80 * $this->logError), $this->ratio * exp(self::Z80 * $this->logError)];
    }

    /** The chance that the first is better, by the normal approximation of the logarithm. */
    public function chanceBetter(): float
    {
        if ($this->logError <= 0) {
            return 0.5;
        }

        return Normal::chanceBelow(log($this->ratio) / $this->logError);
    }

    /**
     * Hours more, shared as before, until an interval of 80 % leaves 1 out, if the true ratio is the one believed; null where the two are
     * alike and no number of hours would.
     *
     * @param float $believed the ratio that is expected to go on
     */
    public function hoursToSettle(float $believed): ?float
    {
        $apart = abs(log($believed));
        if ($apart < self::ALIKE) {
            return null;
        }

        return max(0.0, $this->hours * ((self::Z80 * $this->logError / $apart) ** 2 - 1));
    }
}
