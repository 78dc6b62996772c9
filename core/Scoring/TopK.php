<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

/**
 * The few best of many, in a total order: more points first, then the smaller key. Because the order is total and points are
 * whole numbers, the best of a sum are found among the best of its terms: whatever is not among the k best of its own
 * term is beaten by k sums that differ in that term alone.
 */
final class TopK
{
    /** @var list<array{int, list<int>}> points and key, best first */
    private array $best = [];

    public function __construct(private readonly int $most)
    {
    }

    /** The points a newcomer has to reach to stand a chance. */
    public function threshold(): int
    {
        return \count($this->best) < $this->most ? \PHP_INT_MIN : $this->best[$this->most - 1][0];
    }

    /** @param list<int> $key tells it from all others, and decides between equals */
    public function offer(int $points, array $key): void
    {
        $count = \count($this->best);
        if ($count === $this->most && !self::beats($points, $key, $this->best[$count - 1])) {
            return;
        }
        $at = $count;
        while ($at > 0 && self::beats($points, $key, $this->best[$at - 1])) {
            --$at;
        }
        array_splice($this->best, $at, 0, [[$points, $key]]);
        if ($count === $this->most) {
            array_pop($this->best);
        }
    }

    /** @return list<array{int, list<int>}> */
    public function best(): array
    {
        return $this->best;
    }

    /**
     * The best sums of three independent terms, each given by its own best.
     *
     * @param list<array{int, list<int>}> $a
     * @param list<array{int, list<int>}> $b
     * @param list<array{int, list<int>}> $c
     * @param list<int>                   $before the keys' common beginning
     */
    public function offerSums(int $base, array $before, array $a, array $b, array $c): void
    {
        foreach ($a as $i => [$pointsA, $keyA]) {
            foreach ($b as $j => [$pointsB, $keyB]) {
                if (($i + 1) * ($j + 1) > $this->most) {
                    break;
                }
                foreach ($c as $k => [$pointsC, $keyC]) {
                    // As many sums as that are at least as good in every term.
                    if (($i + 1) * ($j + 1) * ($k + 1) > $this->most) {
                        break;
                    }
                    $points = $base + $pointsA + $pointsB + $pointsC;
                    if ($points < $this->threshold()) {
                        break;
                    }
                    $this->offer($points, [...$before, ...$keyA, ...$keyB, ...$keyC]);
                }
            }
        }
    }

    /**
     * @param list<int>              $key
     * @param array{int, list<int>} $than
     */
    private static function beats(int $points, array $key, array $than): bool
    {
        return $points > $than[0] || ($points === $than[0] && ($key <=> $than[1]) < 0);
    }
}
