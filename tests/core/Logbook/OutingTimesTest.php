<?php

declare(strict_types=1);

namespace Tests\core\Logbook;

use Kontrast\Logbook\Angler;
use Kontrast\Logbook\NotAnOuting;
use Kontrast\Logbook\OutingTimes;
use Kontrast\Logbook\StintTimes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the times of an outing may be. */
final class OutingTimesTest extends TestCase
{
    /** @param list<StintTimes> $stints */
    #[DataProvider('possible')]
    public function testWhatCanBeIsTaken(?string $end, array $stints): void
    {
        $times = OutingTimes::of(self::at('09:00'), null === $end ? null : self::at($end), $stints, self::at('18:00'), self::utc());
        self::assertSame($stints, $times->stints);
    }

    /** @return iterable<string, array{string|null, list<StintTimes>}> */
    public static function possible(): iterable
    {
        yield 'nothing tied on' => ['12:00', []];
        yield 'one after the other, in any order' => ['12:00', [self::stint('10:00', '12:00'), self::stint('09:00', '10:00')]];
        yield 'a pause between' => ['12:00', [self::stint('09:00', '09:30'), self::stint('11:00', '11:30')]];
        yield 'still on' => [null, [self::stint('09:00', null, ['10:00'])]];
        yield 'both anglers at once' => ['12:00', [self::stint('09:00', '12:00'), self::stint('09:00', '12:00', [], Angler::Partner)]];
        yield 'tied on and off at once' => ['12:00', [self::stint('09:00', '09:00', ['09:00'])]];
        yield 'a minute of slack at either end' => ['12:00', [self::stint('08:59', '12:01', ['12:02'])]];
    }

    /** @param list<StintTimes> $stints */
    #[DataProvider('impossible')]
    public function testWhatCannotBeNamesTheFieldAndTheTimes(?string $end, array $stints, string $field, string $says): void
    {
        try {
            OutingTimes::of(self::at('09:00'), null === $end ? null : self::at($end), $stints, self::at('18:00'), self::utc());
        } catch (NotAnOuting $error) {
            self::assertSame($field, $error->field);
            self::assertStringContainsString($says, $error->getMessage());

            return;
        }
        self::fail('It was taken.');
    }

    /** @return iterable<string, array{string|null, list<StintTimes>, string, string}> */
    public static function impossible(): iterable
    {
        yield 'two open at once' => [null, [self::stint('09:00', null), self::stint('10:00', null)], 'stint.started_at', 'still on'];
        yield 'an event before' => [null, [self::stint('10:00', null, ['09:30'])], 'stint.events[0].at', 'outside its stint'];
        yield 'an event to come' => [null, [self::stint('10:00', null, ['18:30'])], 'stint.events[0].at', 'in the future'];
        yield 'a stint before the outing' => [null, [self::stint('08:00', '09:30')], 'stint.started_at', 'outside the outing'];
        yield 'ended before noon, fished after' => ['11:00', [self::stint('10:00', '13:00')], 'stint.ended_at', '1:00 PM'];
    }

    /** @return iterable<string, array{string, string|null, list<StintTimes>, string|null}> start, end, stints, the field that is refused */
    public static function limits(): iterable
    {
        yield 'a day and a half' => ['2026-05-08 06:00', '2026-05-09 18:00', [], null];
        yield 'a second longer' => ['2026-05-08 05:59:59', '2026-05-09 18:00', [], 'ended_at'];
        yield 'ended as it began' => ['09:00', '09:00', [], null];
        yield 'ten minutes to come by another clock' => ['18:10', null, [], null];
        yield 'a second more' => ['18:10:01', null, [], 'started_at'];
        yield 'ended in ten minutes' => ['09:00', '18:10', [], null];
        yield 'ended in a second more' => ['09:00', '18:10:01', [], 'ended_at'];
        yield 'tied on a minute before it began' => ['09:00', '12:00', [self::stint('08:59', '12:01')], null];
        yield 'and a second' => ['09:00', '12:00', [self::stint('08:58:59', '12:00')], 'stint.started_at'];
        yield 'taken off a minute and a second after it ended' => ['09:00', '12:00', [self::stint('09:00', '12:01:01')], 'stint.ended_at'];
        yield 'tied on a second before the last one is off' => [
            '09:00',
            '12:00',
            [self::stint('09:00', '10:00'), self::stint('09:59:59', '11:00')],
            'stint.started_at',
        ];
        yield 'off before it was on' => ['09:00', '12:00', [self::stint('10:00', '09:59')], 'stint.ended_at'];
        yield 'still on when all was over' => ['09:00', '12:00', [self::stint('10:00', null)], 'stint.ended_at'];
        yield 'a bite ten minutes to come' => ['09:00', null, [self::stint('10:00', null, ['18:10'])], null];
        yield 'a bite a minute after it was off' => ['09:00', '12:00', [self::stint('09:00', '10:00', ['10:01'])], null];
        yield 'a bite a second later' => ['09:00', '12:00', [self::stint('09:00', '10:00', ['10:01:01'])], 'stint.events[0].at'];
    }

    /** @param list<StintTimes> $stints */
    #[DataProvider('limits')]
    public function testHowFarTimesMayBeApart(string $start, ?string $end, array $stints, ?string $field): void
    {
        $refused = null;
        try {
            OutingTimes::of(self::at($start), null === $end ? null : self::at($end), $stints, self::at('18:00'), self::utc());
        } catch (NotAnOuting $error) {
            $refused = $error->field;
        }
        self::assertSame($field, $refused);
    }

    public function testTimesAreToldByTheClockOfTheWater(): void
    {
        $this->expectExceptionMessage('ends at May 9, 2026, 3:00 AM, before it starts at May 9, 2026, 4:00 AM');
        OutingTimes::of(self::at('09:00'), self::at('08:00'), [], self::at('18:00'), new \DateTimeZone('America/Chicago'));
    }

    /** @param list<string> $events */
    private static function stint(string $from, ?string $to, array $events = [], Angler $angler = Angler::Me): StintTimes
    {
        return new StintTimes('stint', $angler, self::at($from), null === $to ? null : self::at($to), array_map(self::at(...), $events));
    }

    private static function at(string $time): \DateTimeImmutable
    {
        return new \DateTimeImmutable(10 < \strlen($time) ? $time : "2026-05-09 $time", self::utc());
    }

    private static function utc(): \DateTimeZone
    {
        return new \DateTimeZone('UTC');
    }
}
