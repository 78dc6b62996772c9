<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/**
 * A bet on each lure that a fair order of the blocks wins and loses as often: of two blocks with so many bites more on one of them, which
 * was fished with A was drawn. Whoever stakes on A has exp(λd)/cosh(λd) times as much after a pair with d bites more on A, which is 1 on
 * the mean whatever the fish do; so luck alone makes the stake 1/α times as large in at most α of trials, however often one looks (Ville
 * 1939; Shafer 2021, JRSS A 184; from memory). λ is where a lure twice as good is found out fastest, if bites come so many together.
 */
final readonly class WagerRule implements TrialRule
{
    /** Of a trial that is to be sure, and of a shorter one. */
    public const RISKS = [0.05, 0.2];
    /** A lure this many times as good shall be found out in four trials of five. */
    public const RATIO = 2.0;
    /** Both stakes below this: a lure twice as good would seldom have come so low. By risk. (Chosen by simulation: TrialTest.) */
    private const FUTILE = ['0.05' => 0.2, '0.2' => 0.3];
    /** Bites, were they to come one by one, in which four of five are found out. By risk. (Chosen by simulation: TrialTest.) */
    private const BITES = ['0.05' => 120.0, '0.2' => 100.0];

    /**
     * @param float $risk     one of the above
     * @param float $together how many bites come together, 1 or more: what the log's dispersion is
     */
    public function __construct(private float $risk, private float $together)
    {
    }

    public function judge(array $pairs, int $most): TrialVerdict
    {
        $a = $b = 0;
        $onA = $onB = 1.0;
        $lambda = log(self::RATIO) / 2 / $this->together;
        foreach ($pairs as $done => [$bitesA, $bitesB]) {
            $a += $bitesA;
            $b += $bitesB;
            $more = $lambda * ($bitesA - $bitesB);
            $onA *= exp($more) / cosh($more);
            $onB *= exp(-$more) / cosh($more);
            if (($onA + $onB) / 2 >= 1 / $this->risk) {
                return new TrialVerdict($onA > $onB ? TrialOutcome::A : TrialOutcome::B, $a, $b, $done + 1);
            }
            if (max($onA, $onB) <= self::FUTILE[(string) $this->risk]) {
                return new TrialVerdict(TrialOutcome::NotTold, $a, $b, $done + 1);
            }
        }

        return new TrialVerdict(\count($pairs) >= $most ? TrialOutcome::NotTold : TrialOutcome::GoesOn, $a, $b, \count($pairs));
    }

    public function risk(): float
    {
        return $this->risk;
    }

    /**
     * What it takes at most to find out a lure twice as good four times in five.
     *
     * @param float $perHour bites, above 0
     */
    public function hours(float $perHour): float
    {
        return self::BITES[(string) $this->risk] * $this->together / $perHour;
    }
}
