<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/**
 * The rule of trials drawn before December 2026, which keep it: a trial ends when one lure is so many bites ahead, or when there were so
 * many in all.
 */
final readonly class LeadRule implements TrialRule
{
    private const RISK = 0.05;
    /** The order of the blocks, tossed otherwise, may put one as far ahead so often at most when a claim is made. */
    private const ORDER_BY_LUCK = 0.015;

    public function __construct(private int $lead, private int $mostBites)
    {
    }

    public function judge(array $pairs, int $most): TrialVerdict
    {
        $a = $b = 0;
        foreach ($pairs as $done => [$onA, $onB]) {
            $a += $onA;
            $b += $onB;
            $isAhead = abs($a - $b) >= $this->lead;
            if ($isAhead && self::chanceOfLuck(\array_slice($pairs, 0, $done + 1)) <= self::ORDER_BY_LUCK) {
                return new TrialVerdict($a > $b ? TrialOutcome::A : TrialOutcome::B, $a, $b, $done + 1);
            }
            if ($a + $b >= $this->mostBites) {
                return new TrialVerdict(TrialOutcome::NotTold, $a, $b, $done + 1);
            }
        }

        return new TrialVerdict(\count($pairs) >= $most ? TrialOutcome::NotTold : TrialOutcome::GoesOn, $a, $b, \count($pairs));
    }

    public function risk(): float
    {
        return self::RISK;
    }

    /**
     * How often the order of the blocks alone, had it been tossed otherwise, would have put one as far ahead: true whether fish bite
     * steadily or in flurries, which the lead alone is not (Fisher's randomization test; The Design of Experiments, 1935, from memory).
     *
     * @param list<array{int, int}> $pairs
     */
    public static function chanceOfLuck(array $pairs): float
    {
        $ways = [0 => 1.0];
        $ahead = 0;
        foreach ($pairs as [$a, $b]) {
            $apart = abs($a - $b);
            $ahead += $a - $b;
            $next = [];
            foreach ($ways as $sum => $share) {
                $next[$sum + $apart] = ($next[$sum + $apart] ?? 0.0) + $share / 2;
                $next[$sum - $apart] = ($next[$sum - $apart] ?? 0.0) + $share / 2;
            }
            $ways = $next;
        }

        return array_sum(array_filter($ways, static fn (int $sum): bool => abs($sum) >= abs($ahead), \ARRAY_FILTER_USE_KEY));
    }
}
