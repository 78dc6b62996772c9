<?php

declare(strict_types=1);

namespace Tests\core\Logbook;

use Kontrast\Logbook\MomentNotice;
use Kontrast\Logbook\MomentSeen;
use Kontrast\Logbook\SeasonWatch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The moments of a water's year (W11; F5, W8, T8, S4: common practice, no source). */
final class SeasonWatchTest extends TestCase
{
    private const YEAR = [
        '2026-03-01' => 38.0, '2026-03-03' => 43.0, '2026-03-20' => 47.0, '2026-04-04' => 49.0, '2026-04-11' => 50.0, '2026-04-20' => 52.0,
        '2026-05-10' => 59.0, '2026-05-18' => 61.0, '2026-07-20' => 79.0, '2026-09-20' => 63.0, '2026-10-02' => 59.0, '2026-10-20' => 51.0,
    ];

    public function testEveryMomentIsMarkedOnceAYear(): void
    {
        self::assertSame(
            ['2026-03-03 quick_rise', '2026-04-11 first_fifty', '2026-05-18 low_sixties', '2026-10-02 back_in_fifties'],
            self::words(SeasonWatch::moments(self::YEAR)),
        );
        $next = ['2027-04-02' => 51.0];
        self::assertSame('2027-04-02 first_fifty', self::words(SeasonWatch::moments(self::YEAR + $next))[4]);
    }

    /** @return iterable<string, array{array<string, float>, list<string>}> days, and the moments that came in them */
    public static function limits(): iterable
    {
        $rise = static fn (float $from, float $to, string $on): array => ['2026-03-01' => $from, $on => $to];
        yield 'fifty' => [['2026-04-11' => 50.0], ['2026-04-11 first_fifty']];
        yield 'not yet fifty' => [['2026-04-11' => 49.9], []];
        yield 'sixty' => [['2026-05-01' => 60.0], ['2026-05-01 first_fifty', '2026-05-01 low_sixties']];
        yield 'not yet sixty' => [['2026-05-01' => 59.9], ['2026-05-01 first_fifty']];
        yield 'sixty the day before midsummer' => [['2026-07-14' => 60.0], ['2026-07-14 first_fifty', '2026-07-14 low_sixties']];
        yield 'sixty at midsummer' => [['2026-07-15' => 60.0], []];
        yield 'still sixty in fall' => [['2026-09-01' => 70.0, '2026-10-01' => 60.0], []];
        yield 'back under sixty' => [['2026-09-01' => 60.0, '2026-10-01' => 59.9], ['2026-10-01 back_in_fifties']];
        yield 'never over sixty' => [['2026-09-01' => 59.9, '2026-10-01' => 55.0], []];
        yield 'past the fifties at once' => [['2026-09-01' => 70.0, '2026-11-01' => 49.9], []];
        yield 'back at fifty itself' => [['2026-09-01' => 70.0, '2026-11-01' => 50.0], ['2026-11-01 back_in_fifties']];
        yield 'four degrees in three days' => [$rise(38.0, 42.0, '2026-03-04'), ['2026-03-04 quick_rise']];
        yield 'less' => [$rise(38.0, 41.9, '2026-03-04'), []];
        yield 'in four days' => [$rise(38.0, 42.0, '2026-03-05'), []];
        yield 'from under the ice' => [$rise(33.9, 39.0, '2026-03-04'), []];
        yield 'from just above' => [$rise(34.0, 38.0, '2026-03-04'), ['2026-03-04 quick_rise']];
        yield 'from just under fifty' => [$rise(49.9, 54.0, '2026-03-04'), ['2026-03-04 first_fifty', '2026-03-04 quick_rise']];
        yield 'from fifty' => [$rise(50.0, 54.0, '2026-03-04'), ['2026-03-01 first_fifty']];
    }

    /**
     * @param array<string, float> $days
     * @param list<string>         $moments
     */
    #[DataProvider('limits')]
    public function testAMomentBeginsWhereItsFactSays(array $days, array $moments): void
    {
        self::assertSame($moments, self::words(SeasonWatch::moments($days)));
    }

    public function testAMomentIsNewsOnTheTenthDayAndNearWithinThreeDegrees(): void
    {
        $days = ['2026-04-10' => 49.0, '2026-04-11' => 50.0];
        self::assertSame(['first_fifty come'], self::told('2026-04-21', $days));
        self::assertSame([], self::told('2026-04-22', $days));
        self::assertSame(['first_fifty near'], self::told('2026-04-11', ['2026-04-10' => 46.9, '2026-04-11' => 47.0]));
        self::assertSame([], self::told('2026-04-11', ['2026-04-10' => 46.8, '2026-04-11' => 46.9]));
        // One look is no trend, and what has come is not near.
        self::assertSame([], self::told('2026-04-11', ['2026-04-11' => 48.0]));
        self::assertSame([], self::told('2026-04-11', ['2026-04-10' => 48.0, '2026-04-11' => 48.0]));
        self::assertSame(
            ['back_in_fifties near'],
            self::told('2026-09-20', ['2026-09-19' => 64.0, '2026-09-20' => 63.0]),
        );
        self::assertSame([], self::told('2026-09-20', ['2026-09-19' => 64.0, '2026-09-20' => 63.1]));
    }

    public function testASlowWarmingIsNoQuickRise(): void
    {
        self::assertSame([], SeasonWatch::moments(['2026-03-01' => 38.0, '2026-03-08' => 43.0, '2026-03-16' => 47.0]));
    }

    public function testAWarmSummerWithoutACoolFallIsNotBackInTheFifties(): void
    {
        self::assertSame([], SeasonWatch::moments(['2026-08-01' => 77.0, '2026-09-01' => 66.0]));
    }

    public function testAMomentIsNewsForTenDaysAndNearBefore(): void
    {
        self::assertSame(['first_fifty near'], self::told('2026-04-05', ['2026-03-28' => 46.0, '2026-04-04' => 49.0]));
        self::assertSame(['first_fifty come'], self::told('2026-04-12', self::YEAR));
        self::assertSame([], self::told('2026-04-30', self::YEAR));
        self::assertSame(['back_in_fifties come'], self::told('2026-10-09', self::YEAR));
    }

    public function testAWaterThatCoolsInSpringIsNotNearFifty(): void
    {
        self::assertSame([], self::told('2026-04-05', ['2026-03-28' => 49.5, '2026-04-04' => 48.0]));
    }

    /**
     * @param list<MomentSeen> $moments
     *
     * @return list<string>
     */
    private static function words(array $moments): array
    {
        return array_map(static fn (MomentSeen $one): string => "$one->date {$one->moment->value}", $moments);
    }

    /**
     * @param array<string, float> $days
     *
     * @return list<string>
     */
    private static function told(string $today, array $days): array
    {
        return array_map(
            static fn (MomentNotice $one): string => $one->moment->value.($one->hasCome ? ' come' : ' near'),
            SeasonWatch::notices($days, $today),
        );
    }
}
