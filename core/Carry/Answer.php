<?php

declare(strict_types=1);

namespace Kontrast\Carry;

/** What to carry, what it is worth, and what nothing can be worth more than. */
final readonly class Answer
{
    /** Worth and bound this close together, in thousandths of a point, are the same: weights are floats. */
    private const SAME = 0.5;

    /**
     * @param list<int> $bodies
     * @param list<int> $trailers
     * @param float     $worth    thousandths of a point
     * @param float     $bound    thousandths of a point
     */
    public function __construct(public array $bodies, public array $trailers, public float $worth, public float $bound)
    {
    }

    public function isExact(): bool
    {
        return $this->bound - $this->worth <= self::SAME;
    }
}
