<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/**
 * A fair trial of two lures, one about as long as the other: blocks of so many minutes, two by two, which one first drawn at random within
 * every two.
 */
final readonly class Trial
{
    /**
     * @param int       $blockMinutes how long one is fished at a stretch
     * @param list<bool> $firstIsA    of every two blocks, whether the first one is A's
     */
    private function __construct(public TrialRule $rule, public int $blockMinutes, public array $firstIsA)
    {
    }

    /**
     * @param float                  $perHour bites in an hour, as far as is known
     * @param callable(): bool       $toss    a fair coin
     */
    public static function draw(int $blockMinutes, float $perHour, callable $toss): self
    {
        $rule = TrialRule::standard();
        $pairs = max(1, (int) ceil($rule->hours($perHour) * 60 / (2 * $blockMinutes)));
        $order = [];
        for ($i = 0; $i < $pairs; ++$i) {
            $order[] = $toss();
        }

        return new self($rule, $blockMinutes, $order);
    }

    /** @param list<bool> $firstIsA */
    public static function drawn(TrialRule $rule, int $blockMinutes, array $firstIsA): self
    {
        return new self($rule, $blockMinutes, $firstIsA);
    }

    /** @return float hours for the whole of it */
    public function hours(): float
    {
        return 2 * $this->blockMinutes * \count($this->firstIsA) / 60;
    }

    /** Whether a block is fished with A; the blocks are numbered from 0. */
    public function isA(int $block): bool
    {
        return $this->firstIsA[intdiv($block, 2)] === (0 === $block % 2);
    }

    /**
     * What came of it so far. Only whole pairs count, so that both were fished as long.
     *
     * @param list<array{int, int}> $pairs bites on A and on B in each two blocks that were fished to the end
     */
    public function verdict(array $pairs): TrialVerdict
    {
        $a = $b = 0;
        foreach ($pairs as $done => [$onA, $onB]) {
            $a += $onA;
            $b += $onB;
            $isAhead = abs($a - $b) >= $this->rule->lead;
            if ($isAhead && self::chanceOfLuck(\array_slice($pairs, 0, $done + 1)) <= TrialRule::ORDER_BY_LUCK) {
                return new TrialVerdict($a > $b ? TrialOutcome::A : TrialOutcome::B, $a, $b, $done + 1);
            }
            if ($a + $b >= $this->rule->mostBites) {
                return new TrialVerdict(TrialOutcome::NotTold, $a, $b, $done + 1);
            }
        }
        $isOver = \count($pairs) >= \count($this->firstIsA);

        return new TrialVerdict($isOver ? TrialOutcome::NotTold : TrialOutcome::GoesOn, $a, $b, \count($pairs));
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
