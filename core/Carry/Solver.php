<?php

declare(strict_types=1);

namespace Kontrast\Carry;

/**
 * Finds what to carry by greedy choice and exchange (FirstAnswer), and what nothing is worth more than: of a small problem by prices that
 * lead to the best choice (PricedSearch), of a large one as if every trailer could be carried (BodyBound).
 */
final readonly class Solver
{
    /** Choices looked at before the walk is cut short. (Chosen.) */
    private const MOST_CHOICES = 20_000;
    /** Scenarios times bodies times trailers. (Chosen.) */
    private const LARGE = 200_000;

    /** @param (\Closure(): bool)|null $goesOn asked now and then; false ends the search */
    public function __construct(
        private Problem $problem,
        private int $mostChoices = self::MOST_CHOICES,
        private ?\Closure $goesOn = null,
    ) {
    }

    public function solve(int $lures, int $trailers): Answer
    {
        $lures = min($lures, $this->problem->bodies);
        $first = FirstAnswer::find($this->problem, $lures, min($trailers, $this->problem->none), $this->goesOn);
        if (\count($this->problem->weights) * $this->problem->bodies * ($this->problem->none + 1) <= self::LARGE) {
            return (new PricedSearch($this->problem, $this->mostChoices, $this->goesOn))->beyond($first, $lures, $trailers);
        }

        return new Answer($first->bodies, $first->trailers, $first->worth, BodyBound::of($this->problem, $first, $lures));
    }
}
