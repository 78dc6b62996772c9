<?php

declare(strict_types=1);

namespace Kontrast\Statistics;

/**
 * What is known of a rate per hour: events counted over hours, with what was believed before. A gamma prior and Poisson counts make a gamma
 * posterior (conjugate: Gelman et al., Bayesian Data Analysis, 3rd ed., 2.6; from memory).
 */
final readonly class Rate
{
    /** The prior: as if so many events had been counted in so many hours, about one bite in two hours. (Chosen; said on screen.) */
    public const PRIOR_EVENTS = 0.5;
    public const PRIOR_HOURS = 1.0;
    private const MOST_STEPS = 200;

    private function __construct(public float $events, public float $hours, private float $shape, private float $rate)
    {
    }

    /**
     * @param float $events 0 or more; a fraction where they count for less than one each
     * @param float $hours  0 or more
     */
    public static function of(
        float $events,
        float $hours,
        float $priorEvents = self::PRIOR_EVENTS,
        float $priorHours = self::PRIOR_HOURS,
    ): self {
        return new self($events, $hours, $events + $priorEvents, $hours + $priorHours);
    }

    /** Per hour: the mean of what is known. */
    public function mean(): float
    {
        return $this->shape / $this->rate;
    }

    /** @return float the chance that the rate is at most so many per hour */
    public function chanceBelow(float $perHour): float
    {
        return GammaFunction::lower($this->shape, $perHour * $this->rate);
    }

    /** @return float the density there, per unit of a rate per hour */
    public function density(float $perHour): float
    {
        if ($perHour <= 0) {
            return 0.0;
        }

        return exp($this->shape * log($this->rate) + ($this->shape - 1) * log($perHour) - $this->rate * $perHour
            - GammaFunction::ln($this->shape));
    }

    /** @return float per hour: the rate is below it with that chance; Newton's method, between bounds that halve where it leaves them */
    public function quantile(float $chance): float
    {
        $low = 0.0;
        $high = max(1.0, 2 * $this->mean());
        while ($this->chanceBelow($high) < $chance) {
            $high *= 2;
        }
        $x = min($high, $this->nearly($chance));
        for ($i = 0; $i < self::MOST_STEPS && $high - $low > 1e-12 * $high; ++$i) {
            $off = $this->chanceBelow($x) - $chance;
            if (abs($off) < 1e-13) {
                break;
            }
            $off < 0 ? $low = $x : $high = $x;
            $next = $x - $off / max($this->density($x), 1e-300);
            $x = $next > $low && $next < $high ? $next : ($low + $high) / 2;
        }

        return $x;
    }

    /** A quantile to start from: a gamma variable is nearly the cube of a normal one (Wilson & Hilferty 1931, from memory). */
    private function nearly(float $chance): float
    {
        $root = 1 / (9 * $this->shape);
        $near = 1 - $root + Normal::nearly($chance) * sqrt($root);

        return $near > 0 ? $this->mean() * $near ** 3 : $this->mean() / 10;
    }

    /**
     * @param float $share 0.8 for the interval that holds the rate four times in five
     *
     * @return array{float, float} per hour, as much left out below as above
     */
    public function interval(float $share = 0.8): array
    {
        $out = (1 - $share) / 2;

        return [$this->quantile($out), $this->quantile(1 - $out)];
    }

    /** The chance that this rate is higher: a ratio of gammas is a matter of the beta distribution. */
    public function chanceAbove(self $other): float
    {
        return 1 - BetaFunction::regularized($this->rate / ($this->rate + $other->rate), $this->shape, $other->shape);
    }
}
