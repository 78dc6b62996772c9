<?php

declare(strict_types=1);

namespace Tests\core\Logbook;

use Kontrast\Logbook\MomentNotice;
use Kontrast\Logbook\MomentSeen;
use Kontrast\Logbook\SeasonWatch;
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
