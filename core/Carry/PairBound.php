<?php

declare(strict_types=1);

namespace Kontrast\Carry;

/** Which bodies and trailers gain most over given prices: a sum over their pairs, found exactly. */
final class PairBound
{
    public float $best = -1.0;
    /** @var list<int> */
    public array $bodies = [];
    /** @var list<int> */
    public array $trailers = [];

    /**
     * @param list<float>             $own   by body, without a trailer
     * @param list<array<int, float>> $pairs by body and trailer
     * @param list<int>               $order bodies, the most promising first
     * @param list<float>             $most  what each can bring at most, in that order
     */
    public function __construct(
        private readonly array $own,
        private readonly array $pairs,
        private readonly array $order,
        private readonly array $most,
        private readonly int $mostLures,
        private readonly int $mostTrailers,
    ) {
        $this->walk([], 0, 0.0, []);
    }

    /**
     * @param list<int>         $in
     * @param array<int, float> $with what each trailer adds
     */
    private function walk(array $in, int $from, float $sum, array $with): void
    {
        $now = $sum + Prices::top($with, $this->mostTrailers);
        if ($now > $this->best) {
            arsort($with);
            $this->best = $now;
            $this->bodies = $in;
            $this->trailers = array_keys(\array_slice($with, 0, $this->mostTrailers, true));
        }
        $room = $this->mostLures - \count($in);
        for ($i = $from, $count = \count($this->order); $room > 0 && $i < $count; ++$i) {
            if ($now + array_sum(\array_slice($this->most, $i, $room)) <= $this->best + 1e-9) {
                return;
            }
            $b = $this->order[$i];
            $next = $with;
            foreach ($this->pairs[$b] as $t => $gain) {
                $next[$t] = ($next[$t] ?? 0.0) + $gain;
            }
            $this->walk([...$in, $b], $i + 1, $sum + $this->own[$b], $next);
        }
    }
}
