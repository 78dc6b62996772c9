<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/**
 * A fair trial of two lures, one as long as the other: blocks of so many minutes, two by two, which one first drawn at random within every
 * two.
 */
final readonly class Trial
{
    private const MOST_PAIRS = 500;
    /** A block is fished to its end from this share of its minutes on; below the second it is too short to be compared. (Chosen.) */
    private const WHOLE = 0.9;
    private const LEAST = 0.5;

    /**
     * @param int       $blockMinutes how long one is fished at a stretch
     * @param list<bool> $firstIsA    of every two blocks, whether the first one is A's
     */
    private function __construct(public TrialRule $rule, public int $blockMinutes, public array $firstIsA)
    {
    }

    /**
     * @param float            $perHour bites in an hour, as far as is known, above 0
     * @param callable(): bool $toss    a fair coin
     */
    public static function draw(WagerRule $rule, int $blockMinutes, float $perHour, callable $toss): self
    {
        $pairs = max(1, min(self::MOST_PAIRS, (int) ceil($rule->hours($perHour) * 60 / (2 * $blockMinutes))));
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

    /** @param array<int, TrialBlock> $blocks by number */
    public function verdict(array $blocks): TrialVerdict
    {
        return $this->rule->judge($this->pairs($blocks), \count($this->firstIsA));
    }

    /**
     * The block to fish next.
     *
     * @param array<int, TrialBlock> $blocks by number
     *
     * @return int|null null where all were fished
     */
    public function next(array $blocks): ?int
    {
        $last = [] === $blocks ? -1 : max(array_keys($blocks));
        $next = isset($blocks[$last]) && $blocks[$last]->length < self::WHOLE * $this->seconds() ? $last : $last + 1;

        return $next < 2 * \count($this->firstIsA) ? $next : null;
    }

    /**
     * Bites on A and on B in every two blocks, cut to the length that both had: of what was fished longer the rest does not count. Two of
     * which one is too short are left out.
     *
     * @param array<int, TrialBlock> $blocks by number
     *
     * @return list<array{int, int}>
     */
    private function pairs(array $blocks): array
    {
        $pairs = [];
        foreach (array_keys($this->firstIsA) as $pair) {
            $first = $blocks[2 * $pair] ?? new TrialBlock();
            $second = $blocks[2 * $pair + 1] ?? new TrialBlock();
            $both = min($first->length, $second->length);
            if ($both < self::LEAST * $this->seconds()) {
                continue;
            }
            $bites = [$first->bitesWithin($both), $second->bitesWithin($both)];
            $pairs[] = $this->isA(2 * $pair) ? $bites : [$bites[1], $bites[0]];
        }

        return $pairs;
    }

    private function seconds(): int
    {
        return 60 * $this->blockMinutes;
    }
}
