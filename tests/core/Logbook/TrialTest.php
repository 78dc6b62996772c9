<?php

declare(strict_types=1);

namespace Tests\core\Logbook;

use Kontrast\Logbook\Trial;
use Kontrast\Logbook\TrialOutcome;
use Kontrast\Logbook\TrialRule;
use Kontrast\Logbook\TrialWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A fair trial keeps its two promises: luck seldom wins, and a lure twice as good is found out in the time foretold. */
final class TrialTest extends TestCase
{
    private const TRIALS = 1500;

    /** Gambler's ruin without an end (Feller I, XIV.2): a fair walk reaches +lead or −lead for sure; here it is cut off. */
    public function testTheChanceOfALeadIsWorkedOutExactly(): void
    {
        self::assertEqualsWithDelta(1.0, array_sum(TrialRule::chanceToLead(2, 60, 0.5)), 1e-8);
        // Two heads or two tails in two tosses: a half; within four: three quarters.
        self::assertEqualsWithDelta(0.5, array_sum(TrialRule::chanceToLead(2, 2, 0.5)), 1e-12);
        self::assertEqualsWithDelta(0.75, array_sum(TrialRule::chanceToLead(2, 4, 0.5)), 1e-12);
        // With p = 2/3 the first is ruined with chance 1 / (1 + 2^lead).
        self::assertEqualsWithDelta(1 / (1 + 2 ** 5), TrialRule::chanceToLead(5, 400, 2 / 3)[1], 1e-9);
    }

    public function testTheOrderIsDrawnWithinEveryPair(): void
    {
        $toss = true;
        $trial = Trial::draw(20, 2.0, static function () use (&$toss): bool {
            return $toss = !$toss;
        });
        self::assertSame([false, true, true, false], array_map($trial->isA(...), [0, 1, 2, 3]));
        self::assertGreaterThanOrEqual($trial->rule->hours(2.0), $trial->hours());
    }

    /** @param callable(float): int $bites in one block, where so many are expected */
    #[DataProvider('ways')]
    public function testWithNoDifferenceLuckClaimsOneInAtMostFiveTrialsOfAHundred(callable $bites): void
    {
        mt_srand(21);
        $claims = 0;
        for ($i = 0; $i < self::TRIALS; ++$i) {
            $claims += \in_array(self::fish(1.0, $bites), [TrialOutcome::A, TrialOutcome::B], true) ? 1 : 0;
        }
        self::assertLessThanOrEqual(0.05, $claims / self::TRIALS);
    }

    /** @return iterable<string, array{callable(float): int}> */
    public static function ways(): iterable
    {
        yield 'fish that bite steadily' => [Chance::poisson(...)];
        yield 'fish that bite in flurries' => [static fn (float $mean): int => 3 * Chance::poisson($mean / 3)];
    }

    public function testALureTwiceAsGoodIsFoundOutInTheHoursForetoldFourTimesInFive(): void
    {
        mt_srand(22);
        $found = 0;
        for ($i = 0; $i < self::TRIALS; ++$i) {
            $found += TrialOutcome::A === self::fish(2.0, Chance::poisson(...)) ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(0.8, $found / self::TRIALS);
    }

    /** All sixteen ways the order of four pairs could have been tossed: two of them put one as far ahead. */
    public function testTheChanceOfLuckCountsEveryOrderThatCouldHaveBeenDrawn(): void
    {
        self::assertEqualsWithDelta(2 / 16, Trial::chanceOfLuck([[3, 1], [4, 2], [2, 0], [5, 4]]), 1e-12);
        self::assertEqualsWithDelta(1.0, Trial::chanceOfLuck([[1, 1], [2, 2]]), 1e-12);
    }

    public function testItSaysHowItStandsInPlainWords(): void
    {
        $trial = Trial::drawn(TrialRule::of(5, 20), 20, array_fill(0, 8, true));
        self::assertSame(
            '3 bites on A, 1 on B so far. It ends when one is 5 ahead, or at 20 bites in all.',
            TrialWords::say($trial, $trial->verdict([[2, 1], [1, 0]])),
        );
        $won = $trial->verdict(array_fill(0, 8, [2, 0]));
        self::assertSame([TrialOutcome::A, 16, 8], [$won->outcome, $won->bitesOnA - $won->bitesOnB, $won->pairs]);
        self::assertSame(TrialOutcome::NotTold, $trial->verdict(array_fill(0, 4, [3, 3]))->outcome);
    }

    /**
     * Fishes a trial to its end, at a rate of 1.5 bites an hour on average, which is known beforehand.
     *
     * @param callable(float): int $bites
     */
    private static function fish(float $ratio, callable $bites): TrialOutcome
    {
        static $trial = null;
        $average = 1.5;
        $trial ??= Trial::draw(20, $average, static fn (): bool => 1 === mt_rand(0, 1));
        \assert($trial instanceof Trial);
        $onB = 2 * $average / (1 + $ratio) / 3;
        $pairs = [];
        foreach ($trial->firstIsA as $_) {
            $pairs[] = [$bites($onB * $ratio), $bites($onB)];
        }

        return $trial->verdict($pairs)->outcome;
    }
}
