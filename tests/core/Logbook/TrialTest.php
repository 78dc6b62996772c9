<?php

declare(strict_types=1);

namespace Tests\core\Logbook;

use Kontrast\Logbook\LeadRule;
use Kontrast\Logbook\Trial;
use Kontrast\Logbook\TrialBlock;
use Kontrast\Logbook\TrialOutcome;
use Kontrast\Logbook\TrialVerdict;
use Kontrast\Logbook\TrialWords;
use Kontrast\Logbook\WagerRule;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\core\Simulation;

/** A fair trial keeps its promises: luck seldom wins, a lure twice as good is found out in time, and nothing is soon seen to be nothing. */
final class TrialTest extends TestCase
{
    private const TRIALS = 2000;
    private const PER_HOUR = 2.0;

    public function testTheOrderIsDrawnWithinEveryPair(): void
    {
        $toss = true;
        $rule = new WagerRule(0.05, 1.0);
        $trial = Trial::draw($rule, 20, 2.0, static function () use (&$toss): bool {
            return $toss = !$toss;
        });
        self::assertSame([false, true, true, false], array_map($trial->isA(...), [0, 1, 2, 3]));
        self::assertGreaterThanOrEqual($rule->hours(2.0), $trial->hours());
    }

    /** As many pairs of blocks as hold the hours that the rule asks for and not one more; where bites are rare, no end of them is drawn. */
    public function testATrialIsAsLongAsItsRuleAsks(): void
    {
        foreach ([[1.0, 20, 0.05], [2.0, 30, 0.2], [7.3, 15, 0.05], [40.0, 45, 0.2]] as [$perHour, $minutes, $risk]) {
            $rule = new WagerRule($risk, 1.5);
            $hours = Trial::draw($rule, $minutes, $perHour, static fn (): bool => true)->hours();
            self::assertGreaterThanOrEqual($rule->hours($perHour), $hours);
            self::assertLessThan($rule->hours($perHour) + 2 * $minutes / 60, $hours);
        }
        self::assertSame(500 * 2 * 20 / 60, Trial::draw(new WagerRule(0.05, 1.0), 20, 1e-6, static fn (): bool => true)->hours());
        self::assertSame(1.0, Trial::draw(new WagerRule(0.05, 1.0), 30, 1e9, static fn (): bool => true)->hours());
    }

    /** Bites are counted on the lure that they were got on, whichever was fished first. */
    public function testWhereBIsFirstItsBitesAreItsOwn(): void
    {
        $first = self::block([[0, 1200, [10, 20, 30]]]);
        $second = self::block([[2000, 3200, [2100]]]);
        $verdict = static fn (bool $isAFirst): TrialVerdict => Trial::drawn(new WagerRule(0.05, 1.0), 20, [$isAFirst])
            ->verdict([$first, $second]);
        self::assertSame([3, 1], [$verdict(true)->bitesOnA, $verdict(true)->bitesOnB]);
        self::assertSame([1, 3], [$verdict(false)->bitesOnA, $verdict(false)->bitesOnB]);
    }

    /** What a pair multiplies the stake by is 1 on the mean, however many more bit on one, since the coin was fair. */
    #[TestWith([0])]
    #[TestWith([1])]
    #[TestWith([7])]
    public function testAFairCoinWinsNothingOnTheMean(int $more): void
    {
        $lambda = log(2) / 2;
        self::assertEqualsWithDelta(1.0, (exp($lambda * $more) + exp(-$lambda * $more)) / 2 / cosh($lambda * $more), 1e-12);
    }

    /** By hand: a pair with three bites more on A multiplies the stake by 16/9; half of that is over 20 at the seventh of them. */
    public function testItEndsWhereTheStakeIsTwentyTimesAsLarge(): void
    {
        $verdict = (new WagerRule(0.05, 1.0))->judge(array_fill(0, 8, [3, 0]), 50);
        self::assertSame(7, (int) ceil(log(40) / log(16 / 9)));
        self::assertEquals(new TrialVerdict(TrialOutcome::A, 21, 0, 7), $verdict);
        self::assertSame(TrialOutcome::B, (new WagerRule(0.05, 1.0))->judge(array_fill(0, 8, [0, 3]), 50)->outcome);
        // Were three to come together always, as many bites tell a third as much.
        self::assertSame(TrialOutcome::GoesOn, (new WagerRule(0.05, 3.0))->judge(array_fill(0, 8, [3, 0]), 50)->outcome);
    }

    #[DataProvider('ways')]
    #[Group(Simulation::GROUP)]
    public function testWithNothingToFindLuckSeldomClaimsAndItEndsEarly(float $together, float $risk, float $hours): void
    {
        mt_srand(21);
        [$claims, , $spent] = self::trials(1.0, $together, $risk);
        self::assertLessThanOrEqual($risk, $claims);
        self::assertLessThanOrEqual($hours * $together, $spent);
    }

    #[DataProvider('ways')]
    #[Group(Simulation::GROUP)]
    public function testALureTwiceAsGoodIsFoundOutInTheHoursForetoldFourTimesInFive(float $together, float $risk): void
    {
        mt_srand(22);
        [, $found] = self::trials(2.0, $together, $risk);
        self::assertGreaterThanOrEqual(Simulation::size(80, 76) / 100, $found);
    }

    /** @return iterable<string, array{float, float, float}> how many bite together, the risk, hours until nothing is seen to be nothing */
    public static function ways(): iterable
    {
        yield 'fish that bite one by one' => [1.0, 0.05, 30.0];
        yield 'fish that bite in threes' => [3.0, 0.05, 30.0];
        yield 'a shorter trial' => [1.0, 0.2, 24.0];
        yield 'a shorter trial with threes' => [3.0, 0.2, 24.0];
    }

    /** All sixteen ways the order of four pairs could have been tossed: two of them put one as far ahead. */
    public function testTheChanceOfLuckCountsEveryOrderThatCouldHaveBeenDrawn(): void
    {
        self::assertEqualsWithDelta(2 / 16, LeadRule::chanceOfLuck([[3, 1], [4, 2], [2, 0], [5, 4]]), 1e-12);
        self::assertEqualsWithDelta(1.0, LeadRule::chanceOfLuck([[1, 1], [2, 2]]), 1e-12);
    }

    public function testATrialDrawnBeforeKeepsItsRule(): void
    {
        $rule = new LeadRule(5, 20);
        self::assertSame(TrialOutcome::GoesOn, $rule->judge([[2, 1], [1, 0]], 8)->outcome);
        $won = $rule->judge(array_fill(0, 8, [2, 0]), 8);
        self::assertSame([TrialOutcome::A, 16, 8], [$won->outcome, $won->bitesOnA - $won->bitesOnB, $won->pairs]);
        self::assertSame(TrialOutcome::NotTold, $rule->judge(array_fill(0, 4, [3, 3]), 8)->outcome);
    }

    /** A fished for forty minutes and B for twenty at the same rate: what A caught in its second twenty does not count. */
    public function testOfUnequalBlocksOnlyWhatBothHadCounts(): void
    {
        $trial = Trial::drawn(new WagerRule(0.05, 1.0), 20, [true, true, true]);
        $blocks = [
            0 => self::block([[0, 2400, [300, 900, 1500, 2100]]]),
            1 => self::block([[5000, 6200, [5300, 5900]]]),
            // Too short to be compared with anything.
            2 => self::block([[7000, 7300, [7100]]]),
            3 => self::block([[8000, 9200, []]]),
            // With a pause in it.
            4 => self::block([[10_000, 10_600, [10_300]], [20_000, 20_600, [20_599]]]),
            5 => self::block([[30_000, 31_200, []]]),
        ];
        $verdict = $trial->verdict($blocks);
        self::assertSame([4, 2, 2], [$verdict->bitesOnA, $verdict->bitesOnB, $verdict->pairs]);
    }

    public function testABlockCountsFromHalfItsMinutesOn(): void
    {
        $trial = Trial::drawn(new WagerRule(0.05, 1.0), 20, [true]);
        $whole = self::block([[0, 1200, []]]);
        $pairs = static fn (int $seconds): int => $trial->verdict([$whole, self::block([[0, $seconds, []]])])->pairs;
        self::assertSame([0, 1], [$pairs(599), $pairs(600)]);
        // And is fished to its end from nine tenths of them on.
        self::assertSame(0, $trial->next([0 => self::block([[0, 1079, []]])]));
        self::assertSame(1, $trial->next([0 => self::block([[0, 1080, []]])]));
    }

    public function testTheNextBlockIsTheOneThatIsNotFishedToItsEnd(): void
    {
        $trial = Trial::drawn(new WagerRule(0.05, 1.0), 20, [true, false]);
        self::assertSame(0, $trial->next([]));
        self::assertSame(0, $trial->next([0 => self::block([[0, 600, []]])]));
        self::assertSame(1, $trial->next([0 => self::block([[0, 1140, []]])]));
        self::assertNull($trial->next([3 => self::block([[0, 1200, []]])]));
    }

    public function testItSaysHowItStandsInPlainWords(): void
    {
        $trial = Trial::drawn(new WagerRule(0.2, 1.0), 20, array_fill(0, 8, true));
        $said = static fn (int $a, int $b, int $pairs): string => TrialWords::say(
            $trial,
            $trial->rule->judge(array_fill(0, $pairs, [$a, $b]), 8),
        );
        self::assertStringStartsWith('Not told yet: 2 bites on A, 1 on B so far.', $said(2, 1, 1));
        self::assertSame(
            'A is better: 15 bites against 0 in as many hours. Luck alone does that in fewer than 1 trial of 5.',
            $said(3, 0, 8),
        );
        self::assertStringStartsWith('Not told, and the trial is over', $said(1, 1, 8));
    }

    /** @param list<array{int, int, list<int>}> $stretches */
    private static function block(array $stretches): TrialBlock
    {
        $block = new TrialBlock();
        foreach ($stretches as [$start, $end, $bites]) {
            $block->fish($start, $end, $bites);
        }

        return $block;
    }

    /**
     * Trials fished to their ends, at two bites an hour on the mean, which is known beforehand.
     *
     * @return array{float, float, float} the share that claims one of the two, the share that claims A, hours on the mean
     */
    private static function trials(float $ratio, float $together, float $risk): array
    {
        $rule = new WagerRule($risk, $together);
        $trial = Trial::draw($rule, 20, self::PER_HOUR, static fn (): bool => true);
        $onB = 2 * self::PER_HOUR / (1 + $ratio) / 3;
        $bites = static fn (float $mean): int => (int) $together * Chance::poisson($mean / $together);
        $claims = $found = $pairs = 0;
        $all = Simulation::size(self::TRIALS, 300);
        for ($i = 0; $i < $all; ++$i) {
            $verdict = $rule->judge(
                array_map(static fn (): array => [$bites($onB * $ratio), $bites($onB)], $trial->firstIsA),
                \count($trial->firstIsA),
            );
            $claims += \in_array($verdict->outcome, [TrialOutcome::A, TrialOutcome::B], true) ? 1 : 0;
            $found += TrialOutcome::A === $verdict->outcome ? 1 : 0;
            $pairs += $verdict->pairs;
        }

        Simulation::tell(\sprintf(
            'Ratio %.0f, %.0f together, risk %.2f, %.0f h at most: claims %.1f %%, finds A %.1f %%, ends after %.0f h',
            $ratio,
            $together,
            $risk,
            $trial->hours(),
            100 * $claims / $all,
            100 * $found / $all,
            $pairs / $all * 40 / 60,
        ));

        return [$claims / $all, $found / $all, $pairs / $all * 40 / 60];
    }
}
