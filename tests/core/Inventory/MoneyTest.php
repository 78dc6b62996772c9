<?php

declare(strict_types=1);

namespace Tests\core\Inventory;

use Kontrast\Inventory\Money;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Money is counted, not measured: sums come out as on paper, worked by hand. */
final class MoneyTest extends TestCase
{
    #[DataProvider('amounts')]
    public function testAnAmountIsCountedInTenThousandths(float $amount, int $minor): void
    {
        self::assertSame($minor, Money::of($amount)->minor);
        self::assertSame((float) ($minor / 10_000), Money::of($amount)->amount());
    }

    /** @return iterable<string, array{float, int}> */
    public static function amounts(): iterable
    {
        yield 'a strand of tinsel' => [0.0125, 125];
        yield 'a float that is a little less than it says' => [0.29, 2_900];
        yield 'rounded up' => [0.00005, 1];
        yield 'rounded down' => [0.00004, 0];
        yield 'the most' => [Money::MOST, 100_000_000];
    }

    /** Ten times 0.1 is not 1 in floating point; here it is. */
    public function testManySmallAmountsAddUp(): void
    {
        $sum = Money::minor(0);
        for ($i = 0; $i < 10; ++$i) {
            $sum = $sum->plus(Money::of(0.1));
        }
        self::assertSame(1.0, $sum->amount());
        self::assertSame($sum->minor, Money::of(0.1)->times(10)->minor);
        self::assertSame(0, Money::of(0.35)->times(0)->minor);
    }
}
