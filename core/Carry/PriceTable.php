<?php

declare(strict_types=1);

namespace Kontrast\Carry;

/**
 * Prices of the scenarios, and what each candidate of one side brings beyond them with each of the other side: few of all pairs, so that
 * what a set can be worth at most is a short sum. Prices that proved one set prove most of those like it.
 */
final class PriceTable
{
    private readonly float $base;
    /** @var array<int, array<int, float>> by candidate: what is beyond the price, by scenario and candidate of the other side in one */
    private array $beyond = [];

    /**
     * @param array<int, float> $lambda by scenario
     * @param int               $take   how many of the other side
     */
    public function __construct(private readonly Side $side, public readonly array $lambda, private readonly int $take)
    {
        $this->base = $side->withNothing($lambda);
    }

    /** @param list<int> $set no choice of the other side makes it worth more */
    public function bound(array $set): float
    {
        $most = [];
        foreach ($this->side->members($set) as $member) {
            foreach ($this->beyond[$member] ??= $this->side->beyond($member, $this->lambda) as $at => $more) {
                if (!isset($most[$at]) || $more > $most[$at]) {
                    $most[$at] = $more;
                }
            }
        }
        $width = $this->side->width;
        $gains = [];
        foreach ($most as $at => $more) {
            $other = $at % $width;
            $gains[$other] = ($gains[$other] ?? 0.0) + $more;
        }
        $given = 0.0;
        if (null !== $this->side->given) {
            $given = $gains[$this->side->given] ?? 0.0;
            unset($gains[$this->side->given]);
        }

        return $this->base + $given + Prices::top($gains, $this->take);
    }
}
