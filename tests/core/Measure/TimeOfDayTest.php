<?php

declare(strict_types=1);

namespace Tests\core\Measure;

use Kontrast\Measure\TimeOfDay;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A time as documents have it and as people say it. Against PHP's own clock, which knows neither noon nor midnight by name. */
final class TimeOfDayTest extends TestCase
{
    #[DataProvider('times')]
    public function testItIsWrittenByTwentyFourHoursAndSaidByTwelve(int $minute, string $written, string $said): void
    {
        $time = TimeOfDay::atMinute($minute);
        self::assertSame([$written, $said], [$time->written(), $time->said()]);
    }

    /** @return iterable<array{int, string, string}> */
    public static function times(): iterable
    {
        yield [0, '0:00', 'midnight'];
        yield [5, '0:05', '12:05 AM'];
        yield [472, '7:52', '7:52 AM'];
        yield [720, '12:00', 'noon'];
        yield [750, '12:30', '12:30 PM'];
        yield [1050, '17:30', '5:30 PM'];
        yield [1440, '24:00', 'midnight'];
    }

    public function testEveryOtherMinuteIsSaidAsPhpFormatsIt(): void
    {
        $midnight = new \DateTimeImmutable('2026-05-09 00:00:00', new \DateTimeZone('UTC'));
        for ($minute = 1; $minute < 1440; ++$minute) {
            $at = $midnight->modify("+$minute minutes");
            if (720 !== $minute) {
                self::assertSame($at->format('g:i A'), TimeOfDay::atMinute($minute)->said());
                self::assertSame($at->format('M j, Y, g:i A'), TimeOfDay::withDay($at));
            }
        }
        self::assertSame('May 9, 2026, midnight', TimeOfDay::withDay($midnight));
    }
}
