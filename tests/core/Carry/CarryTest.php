<?php

declare(strict_types=1);

namespace Tests\core\Carry;

use Kontrast\Carry\Problem;
use Kontrast\Carry\Solver;
use PHPUnit\Framework\TestCase;

/** What to carry: against a mixed-integer solver (HiGHS, npm, frozen by tests/reference/carry.js), and against trying every choice. */
final class CarryTest extends TestCase
{
    public function testTheOptimumIsThatOfAMixedIntegerSolver(): void
    {
        $json = (string) file_get_contents(__DIR__.'/../../reference/data/carry.json');
        /**
         * @var array{problems: list<array{
         *     weights: list<int>,
         *     values: list<list<list<int>>>,
         *     uses: list<array<string, int>>,
         *     stock: array<string, int>,
         *     lures: int,
         *     trailers: int,
         *     optimum: int,
         * }>} $known
         */
        $known = json_decode($json, true, 512, \JSON_THROW_ON_ERROR);
        self::assertCount(30, $known['problems']);
        foreach ($known['problems'] as $i => $one) {
            $problem = new Problem(
                array_map(floatval(...), $one['weights']),
                $one['values'],
                \count($one['values'][0]),
                \count($one['values'][0][0]) - 1,
                $one['uses'],
                $one['stock'],
            );
            $answer = (new Solver($problem))->solve($one['lures'], $one['trailers']);
            self::assertEqualsWithDelta($one['optimum'], $answer->worth, 0.5, "problem $i");
            self::assertTrue($answer->isExact(), "problem $i");
            self::assertTrue($problem->canBeBuilt($answer->bodies));
            self::assertLessThanOrEqual($one['lures'], \count($answer->bodies));
            self::assertLessThanOrEqual($one['trailers'], \count($answer->trailers));
            self::assertEqualsWithDelta($answer->worth, $problem->worth($answer->bodies, $answer->trailers), 0.001);
        }
    }

    public function testSmallProblemsAreSolvedExactly(): void
    {
        mt_srand(5);
        for ($i = 0; $i < 20; ++$i) {
            $problem = self::random(6, 6, 4);
            $answer = (new Solver($problem))->solve(2, 2);
            self::assertEqualsWithDelta(self::everyChoice($problem, 2, 2), $answer->worth, 0.5);
            self::assertTrue($answer->isExact());
        }
    }

    /** Three bodies of one kind beat all others by far; asked for two kinds, one of the other kind is among them. */
    public function testSoManyKindsAsAreAskedForAreCarried(): void
    {
        mt_srand(11);
        $values = self::random(8, 9, 3)->values;
        $kinds = ['a', 'a', 'a', 'b', 'b', 'b', 'c', 'c', 'c'];
        foreach ($values as $s => $rows) {
            foreach ($rows as $b => $row) {
                $values[$s][$b] = array_map(static fn (int $value): int => intdiv($value, 'a' === $kinds[$b] ? 1 : 4), $row);
            }
        }
        foreach ([0 => 1, 2 => 2, 3 => 3] as $asked => $carried) {
            $problem = new Problem(array_fill(0, 8, 1.0), $values, 9, 3, kinds: $kinds, leastKinds: $asked);
            $answer = (new Solver($problem))->solve(3, 2);
            self::assertCount($carried, array_unique(array_map(static fn (int $b): string => $kinds[$b], $answer->bodies)));
            self::assertCount(3, $answer->bodies);
            self::assertGreaterThanOrEqual($answer->worth, $answer->bound);
        }
    }

    public function testAWalkCutShortTellsABoundThatHolds(): void
    {
        mt_srand(6);
        for ($i = 0; $i < 20; ++$i) {
            $problem = self::random(8, 7, 5);
            $exact = self::everyChoice($problem, 3, 2);
            $answer = (new Solver($problem, 1))->solve(3, 2);
            self::assertLessThanOrEqual($exact + 0.5, $answer->worth);
            self::assertGreaterThanOrEqual($exact - 0.5, $answer->bound);
        }
    }

    public function testItIsCancelledByWhoeverWatches(): void
    {
        mt_srand(7);
        $asked = 0;
        $solver = new Solver(self::random(40, 30, 30), goesOn: static function () use (&$asked): bool {
            ++$asked;

            return false;
        });
        $answer = $solver->solve(4, 6);
        self::assertLessThanOrEqual(2, $asked);
        self::assertGreaterThanOrEqual($answer->worth, $answer->bound);
    }

    public function testMoreToCarryIsNeverWorse(): void
    {
        mt_srand(8);
        $problem = self::random(12, 8, 6);
        $least = 0.0;
        for ($lures = 1; $lures <= 8; ++$lures) {
            $worth = (new Solver($problem))->solve($lures, 3)->worth;
            self::assertGreaterThanOrEqual($least - 0.5, $worth);
            $least = $worth;
        }
    }

    private static function random(int $scenarios, int $bodies, int $trailers): Problem
    {
        $values = [];
        for ($s = 0; $s < $scenarios; ++$s) {
            for ($b = 0; $b < $bodies; ++$b) {
                $values[$s][$b] = array_map(static fn (): int => mt_rand(0, 100_000), array_fill(0, $trailers + 1, 0));
            }
        }
        $weights = array_map(static fn (): float => mt_rand(1, 10) / 10, array_fill(0, $scenarios, 0));

        return new Problem($weights, array_values(array_map(array_values(...), $values)), $bodies, $trailers);
    }

    private static function everyChoice(Problem $problem, int $lures, int $trailers): float
    {
        $best = 0.0;
        foreach (self::subsets($problem->bodies, $lures) as $bodies) {
            foreach (self::subsets($problem->none, $trailers) as $with) {
                $best = max($best, $problem->worth($bodies, $with));
            }
        }

        return $best;
    }

    /** @return iterable<list<int>> of at most so many */
    private static function subsets(int $of, int $most): iterable
    {
        for ($mask = 0; $mask < 2 ** $of; ++$mask) {
            $set = array_values(array_filter(range(0, $of - 1), static fn (int $i): bool => 0 !== ($mask & (1 << $i))));
            if (\count($set) <= $most) {
                yield $set;
            }
        }
    }
}
