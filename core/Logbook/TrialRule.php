<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Statistics\Rate;

/**
 * When a fair trial of two lures ends, chosen before it begins: when one is so many bites ahead, or when there were so many bites in all.
 * As long as both are as good, either is as likely to get the next bite, and the lead is a random walk: how often luck alone carries it
 * that far is worked out step by step, exactly (a gambler's ruin with an end; Feller, An Introduction to Probability Theory I, XIV).
 */
final readonly class TrialRule
{
    /** Luck may claim a difference so often. */
    public const FALSE_CLAIMS = 0.05;
    /** A lure this many times as good shall be found out, so often at least. (Chosen; a little more than the four in five that is told.) */
    public const RATIO = 2.0;
    private const FOUND = 0.88;
    /**
     * The order of the blocks, tossed otherwise, may put one as far ahead so often at most when a claim is made. Stricter than the claims
     * themselves, since it is asked after every pair. (Chosen by simulation: fish that bite in threes claim one in 3 % of trials.).
     */
    public const ORDER_BY_LUCK = 0.015;
    /** A block may end a few bites after the last that counts. (Chosen.) */
    private const OVERSHOOT = 6;
    private const MOST_BITES = 400;

    private function __construct(public int $lead, public int $mostBites)
    {
    }

    /** One that was chosen before. */
    public static function of(int $lead, int $mostBites): self
    {
        return new self($lead, $mostBites);
    }

    /** The shortest trial that keeps both promises. */
    public static function standard(): self
    {
        for ($most = 10; $most < self::MOST_BITES; ++$most) {
            $lead = self::leastLead($most + self::OVERSHOOT);
            if (self::chanceToLead($lead, $most, self::RATIO / (1 + self::RATIO))[0] >= self::FOUND) {
                return new self($lead, $most);
            }
        }
        throw new \LogicException('No trial is that sure.');
    }

    /** The least lead that luck reaches seldom enough. */
    private static function leastLead(int $bites): int
    {
        $lead = 1;
        while (array_sum(self::chanceToLead($lead, $bites, 0.5)) > self::FALSE_CLAIMS) {
            ++$lead;
        }

        return $lead;
    }

    /**
     * @param float $chance that the next bite is on the first lure
     *
     * @return array{float, float} the chances that the first, and that the second, gets that far ahead within so many bites
     */
    public static function chanceToLead(int $lead, int $bites, float $chance): array
    {
        $at = [0 => 1.0];
        $first = $second = 0.0;
        for ($i = 0; $i < $bites; ++$i) {
            $next = [];
            foreach ($at as $ahead => $share) {
                $next[$ahead + 1] = ($next[$ahead + 1] ?? 0.0) + $share * $chance;
                $next[$ahead - 1] = ($next[$ahead - 1] ?? 0.0) + $share * (1 - $chance);
            }
            $first += $next[$lead] ?? 0.0;
            $second += $next[-$lead] ?? 0.0;
            unset($next[$lead], $next[-$lead]);
            $at = $next;
        }

        return [$first, $second];
    }

    /**
     * How long it takes at most, nine times in ten, where something bites so often.
     *
     * @param float $perHour above 0
     */
    public function hours(float $perHour): float
    {
        return Rate::of($this->mostBites, 0.0, 0.0, $perHour)->quantile(0.9);
    }
}
