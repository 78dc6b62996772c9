<?php

declare(strict_types=1);

namespace Tests\core\Logbook;

use Kontrast\Logbook\Effect;
use Kontrast\Logbook\EffectWords;
use Kontrast\Logbook\Factor;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What one effect says of itself: how much longer it takes to tell, in figures and in words. */
final class EffectTest extends TestCase
{
    /** The 90th percentile of the standard normal distribution, NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.6.7.1. */
    private const Z90 = 1.2815515655446004;
    private const PRIOR = 1.0;

    /** An effect that needs so many hours more, after so many: precision grows with the hours on top of what was believed before. */
    private static function needing(float $more, float $value = 0.3, float $hours = 10.0): Effect
    {
        $needed = (self::Z90 / $value) ** 2 - 1 / self::PRIOR;
        $now = $needed * $hours / ($hours + $more);

        return new Effect(Factor::Finish, null, 'gold', 'silver', $value, 1 / sqrt($now + 1 / self::PRIOR), self::PRIOR, $hours);
    }

    /** @return iterable<string, array{float, non-empty-string}> */
    public static function hours(): iterable
    {
        yield 'half an hour' => [0.5, 'About one more hour would tell.'];
        yield 'an hour' => [0.999, 'About one more hour would tell.'];
        yield 'a little more' => [1.01, 'About 2 more hours would tell.'];
        yield 'a day' => [11.5, 'About 12 more hours would tell.'];
        yield 'as long as can be told' => [998.9, 'About 999 more hours would tell.'];
        yield 'longer' => [999.5, 'It would take more than 999 more hours.'];
    }

    /** @param non-empty-string $says */
    #[DataProvider('hours')]
    public function testTheHoursThatAreMissingAreSaid(float $more, string $says): void
    {
        $effect = self::needing($more);
        self::assertEqualsWithDelta($more, $effect->hoursToSettle(), 1e-6);
        self::assertSame("Not told yet: gold or silver. $says", EffectWords::say($effect));
        // Turned round it is the same question.
        self::assertStringEndsWith($says, EffectWords::say($effect->turned()));
    }

    public function testWhatIsAlikeIsNotWaitedFor(): void
    {
        self::assertNull(self::needing(50, 0.049)->hoursToSettle());
        self::assertStringEndsWith('They look alike so far; more hours would hardly tell.', EffectWords::say(self::needing(50, 0.049)));
        self::assertNotNull(self::needing(50, 0.051)->hoursToSettle());
    }

    public function testWhatIsSettledSaysHowMuchAndHowSure(): void
    {
        $settled = new Effect(Factor::Finish, null, 'gold', 'silver', log(2.5), 0.3, self::PRIOR, 40);
        self::assertSame(0.0, $settled->hoursToSettle());
        // 2.5 times e to the power of plus or minus 1.2816 · 0.3.
        self::assertStringStartsWith(
            'Gold got 2.5 times the bites of silver, all else being equal; 80 % sure it is between 1.70 and 3.7.',
            EffectWords::say($settled),
        );
        // The chance of more than a tenth better: Φ((ln 2.5 − ln 1.1) / 0.3) = Φ(2.737) = 0.997.
        self::assertTrue($settled->isSure());
        // Φ((ln 2 − ln 1.1) / 0.3) = Φ(1.993) = 0.977.
        self::assertTrue((new Effect(Factor::Finish, null, 'gold', 'silver', log(2), 0.3, self::PRIOR, 40))->isSure());
        // Φ((ln 1.7 − ln 1.1) / 0.3) = Φ(1.451) = 0.927.
        self::assertFalse((new Effect(Factor::Finish, null, 'gold', 'silver', log(1.7), 0.3, self::PRIOR, 40))->isSure());
        self::assertEqualsWithDelta(1 - 0.09, $settled->told(), 1e-12);
        self::assertEqualsWithDelta(0.4989, $settled->leaning(), 0.0001);
    }
}
