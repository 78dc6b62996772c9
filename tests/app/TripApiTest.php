<?php

declare(strict_types=1);

namespace Tests\app;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;

/** A day planned over the API, with the demo's parts. */
final class TripApiTest extends ApiTestCase
{
    private const PARTS = __DIR__.'/../../demo/parts.csv';
    private const EXAMPLE = __DIR__.'/../../docs/examples/trip-tamarack.json';

    public function testADayIsPlannedWithItsSunItsTurnsAndAFewLures(): void
    {
        $this->send('POST', '/api/parts/import', ['contents' => (string) file_get_contents(self::PARTS)]);
        $plan = $this->send('POST', '/api/trips/plan', ['lures' => ['jig'], 'covers' => ['wood']] + self::example());
        self::assertSame(200, $this->answered());
        self::assertIsArray($plan);
        self::assertIsArray($plan['sun']);
        self::assertSame('5:37', $plan['sun']['rise']);
        self::assertIsArray($plan['sun']['elevation']);
        self::assertCount(96, $plan['sun']['elevation']);
        self::assertIsArray($plan['turns']);
        self::assertSame('6:56', self::textAt($plan, 'turns', 0, 'at'));
        self::assertIsArray($plan['carry']);
        self::assertIsArray($plan['carry']['lures']);
        self::assertLessThanOrEqual(4, \count($plan['carry']['lures']));
        self::assertGreaterThan(0, \count($plan['carry']['lures']));
        self::assertGreaterThanOrEqual($plan['carry']['worth'], $plan['carry']['bound']);
        self::assertEachHourIsOneLures($plan['carry']['lures']);
        $curve = $plan['carry']['curve'];
        self::assertIsArray($curve);
        self::assertCount(10, $curve);
        $sorted = $curve;
        sort($sorted);
        self::assertSame($sorted, $curve);
        $covers = array_sum(array_map(
            static fn (mixed $lure): float => \is_array($lure) && is_numeric($lure['covers']) ? (float) $lure['covers'] : 0.0,
            $plan['carry']['lures'],
        ));
        self::assertEqualsWithDelta(1.0, $covers, 0.01);
    }

    /**
     * From the trip's first quarter hour to its last, each is one lure's in which it comes into its own.
     *
     * @param array<mixed> $lures
     */
    private static function assertEachHourIsOneLures(array $lures): void
    {
        $minutes = static function (mixed $clock): int {
            self::assertIsString($clock);
            [$hour, $minute] = explode(':', $clock);

            return 60 * (int) $hour + (int) $minute;
        };
        $stretches = [];
        foreach ($lures as $lure) {
            self::assertIsArray($lure);
            self::assertIsArray($lure['fished']);
            foreach ($lure['fished'] as $one) {
                self::assertIsArray($one);
                $stretches[$minutes($one['from'])] = $minutes($one['to']);
            }
        }
        ksort($stretches);
        self::assertSame($minutes('5:15'), array_key_first($stretches));
        $end = $minutes('5:15');
        foreach ($stretches as $from => $to) {
            self::assertSame($end, $from, 'no gap and no two at once');
            self::assertGreaterThan($from, $to);
            $end = $to;
        }
        self::assertSame($minutes('14:00'), $end);
    }

    public function testWithoutAnyPartItSaysWhatToDo(): void
    {
        $this->send('POST', '/api/trips/plan', self::example());
        self::assertSame(422, $this->answered());
        $says = 'Your parts make no lure of these types yet.';
        self::assertStringContainsString($says, $this->said());
    }

    public function testATripIsKeptChangedDeletedAndRestored(): void
    {
        $kept = $this->send('POST', '/api/trips', ['name' => 'Saturday', 'note' => 'With Lee', 'trip' => self::example()]);
        self::assertSame(201, $this->answered());
        self::assertIsArray($kept);
        $id = self::textAt($kept, 'id');
        $changed = $this->send('PUT', "/api/trips/$id", [
            'version' => 1, 'name' => 'Sunday', 'trip' => ['date' => '2026-05-10'] + self::example(),
        ]);
        self::assertSame(200, $this->answered());
        self::assertSame(['Sunday', '2026-05-10'], [self::textAt($changed, 'name'), self::textAt($changed, 'trip', 'date')]);
        $this->send('DELETE', "/api/trips/$id");
        self::assertSame(204, $this->answered());
        self::assertSame([], $this->send('GET', '/api/trips'));
        $this->send('POST', "/api/trips/$id/restore");
        self::assertIsArray($all = $this->send('GET', '/api/trips'));
        self::assertSame(['Sunday'], array_column($all, 'name'));
    }

    public function testAnImpossibleDayIsNotKept(): void
    {
        $this->send('POST', '/api/trips', ['name' => 'Never', 'trip' => ['date' => '2026-02-30'] + self::example()]);
        self::assertSame(422, $this->answered());
        self::assertSame(['trip.date'], array_keys($this->faults()));
        self::assertSame([], $this->send('GET', '/api/trips'));
    }

    public function testATripAndThePlaceOfItsWaterAreInTheLogbookAndInTheBackup(): void
    {
        $place = ['latitude' => 46.2, 'longitude' => -90.6, 'time_zone' => 'America/Chicago'];
        $water = $this->send('POST', '/api/waters', ['name' => 'Tamarack', 'tint' => 'tannic', 'red_crawfish' => false, 'place' => $place]);
        $trip = ['name' => 'Saturday', 'water_id' => self::textAt($water, 'id'), 'trip' => self::example()];
        $this->send('POST', '/api/trips', $trip);
        $logbook = $this->send('GET', '/api/logbook');
        $backup = $this->send('GET', '/api/backup');
        self::assertIsArray($backup);
        $this->send('POST', '/api/backup', $backup);
        self::assertSame(200, $this->answered());
        self::assertEquals($logbook, $this->send('GET', '/api/logbook'));
        self::assertIsArray($logbook);
        self::assertIsArray($logbook['waters']);
        self::assertIsArray($logbook['waters'][0]);
        self::assertSame($place, $logbook['waters'][0]['place']);
        self::assertSame('Saturday', self::textAt($logbook, 'trips', 0, 'name'));
    }

    public function testAPlaceWithNoSuchClockIsToldByField(): void
    {
        $place = ['latitude' => 46.2, 'longitude' => -90.6, 'time_zone' => 'Middle/Nowhere'];
        $this->send('POST', '/api/waters', ['name' => 'Nowhere', 'tint' => 'none', 'red_crawfish' => false, 'place' => $place]);
        self::assertSame(422, $this->answered());
        self::assertSame(['place'], array_keys($this->faults()));
    }

    public function testASearchThatGoesOnTellsItsProgressAndThenThePlan(): void
    {
        $this->send('POST', '/api/parts/import', ['contents' => (string) file_get_contents(self::PARTS)]);
        ob_start();
        $this->send('POST', '/api/trips/plan/longer', ['lures' => ['jig'], 'covers' => ['wood'], 'forage' => []] + self::example());
        $lines = explode("\n", trim($this->said()));
        ob_end_clean();
        self::assertGreaterThan(1, \count($lines));
        $last = json_decode(end($lines), true, 512, \JSON_THROW_ON_ERROR);
        self::assertIsArray($last);
        self::assertArrayHasKey('plan', $last);
    }

    public function testWhatWasFoundIsKeptUntilWhatItHangsOnChanges(): void
    {
        $this->send('POST', '/api/parts/import', ['contents' => (string) file_get_contents(self::PARTS)]);
        $trip = ['lures' => ['jig'], 'covers' => ['wood'], 'forage' => []] + self::example();
        $carry = fn (): array => self::listAt($this->send('POST', '/api/trips/plan', $trip), 'carry');
        $first = $carry();
        self::assertSame($first, $carry());
        $skirt = self::textAt($first, 'lures', 0, 'parts', 'skirt', 'id');
        $part = $this->send('GET', "/api/parts/$skirt");
        self::assertIsArray($part);
        $this->send('PUT', "/api/parts/$skirt", ['count' => 0] + $part);
        self::assertLessThan(300, $this->answered(), $this->said());
        self::assertStringNotContainsString($skirt, (string) json_encode($carry()), 'There is none left.');
        $this->send('PUT', "/api/parts/$skirt", $part, ['HTTP_IF_MATCH' => '*']);
        $again = $carry();
        self::assertSame($first['worth'], $again['worth']);
        $reasons = self::listAt($this->send('POST', '/api/advice', self::listAt($trip, 'reading')), 'reasons');
        $doubted = array_values(array_unique(array_filter(array_column($reasons, 'rule'), is_string(...))));
        $this->send('PUT', '/api/settings', ['units' => 'us', 'theme' => 'paper', 'schools' => new \stdClass(), 'doubted' => $doubted]);
        self::assertLessThan(300, $this->answered(), $this->said());
        self::assertNotSame($again, $carry());
    }

    public function testTheLureFollowsTheLightOfTheMinute(): void
    {
        $trip = ['from' => '4:00'] + self::example();
        $moment = ['trip' => $trip, 'sky' => 'sun', 'lure' => 'jig'];
        $at = fn (string $time): mixed => $this->send('POST', '/api/trips/moment', ['at' => $time] + $moment);
        $night = $at('4:20');
        $low = $at('6:55');
        $day = $at('6:56');
        self::assertSame(['night', 'low_sun', 'sun'], [self::textAt($night, 'sky'), self::textAt($low, 'sky'), self::textAt($day, 'sky')]);
        self::assertSame('black', self::textAt($low, 'view', 'advice', 'skirt', 'base'));
        self::assertSame('green_pumpkin', self::textAt($day, 'view', 'advice', 'skirt', 'base'));
        $at('25:00');
        self::assertSame(['at'], array_keys($this->faults()));
    }

    public function testTripsGoOutAndComeInAsATable(): void
    {
        $this->send('POST', '/api/trips', ['name' => '=Saturday, "early"', 'note' => "'=1+1\nlines", 'trip' => self::example()]);
        $this->send('POST', '/api/trips', ['name' => 'Sunday', 'trip' => ['covers' => [], 'sky' => []] + self::example()]);
        $all = $this->send('GET', '/api/trips');
        self::assertIsArray($all);
        $this->browser->request('GET', '/api/trips/table');
        $table = $this->said();
        self::assertStringNotContainsString(",'-", $table, 'A number below zero is a number.');
        foreach ($all as $trip) {
            self::assertIsArray($trip);
            $this->send('DELETE', '/api/trips/'.self::textAt($trip, 'id'));
        }
        $anew = (string) preg_replace('/^[0-9a-f]{8}-[0-9a-f-]{27}/m', '', $table);
        self::assertSame(['added' => 2], $this->send('POST', '/api/trips/table', ['contents' => $anew]));
        $back = $this->send('GET', '/api/trips');
        self::assertIsArray($back);
        $without = static fn (array $list): array => array_map(
            static fn (mixed $trip): array => array_diff_key((array) $trip, ['id' => 0, 'version' => 0]),
            $list,
        );
        self::assertEqualsCanonicalizing($without($all), $without($back));
        self::assertSame(['added' => 0], $this->send('POST', '/api/trips/table', ['contents' => $table]));
    }

    /** Shares of covers, depths and moods, and how many kinds: kept as they were said, a word alone as a word, in JSON and in the table. */
    public function testSharesOfADayAreKeptAndGoOutAndIn(): void
    {
        $trip = [
            'covers' => [['cover' => 'wood', 'share' => 0.6], 'grass'],
            'depths_ft' => [['depth_ft' => 4, 'share' => 0.5], ['depth_ft' => 9.5, 'share' => 0.5]],
            'moods' => ['normal' => 0.2, 'tough' => 0.8, 'active' => 0.0],
            'carry' => ['lures' => 3, 'trailers' => 4, 'kinds' => 2],
        ] + self::example();
        $kept = $this->send('POST', '/api/trips', ['name' => 'Shares', 'trip' => $trip]);
        self::assertSame(201, $this->answered(), $this->said());
        $said = static fn (?array $one): array => array_intersect_key(
            self::listIn($one, 'trip'),
            array_flip(['covers', 'depths_ft', 'moods', 'carry']),
        );
        $before = $said($kept);
        self::assertEquals(array_intersect_key($trip, $before), $before);
        $this->browser->request('GET', '/api/trips/table');
        $table = $this->said();
        $this->send('DELETE', '/api/trips/'.self::textAt($kept, 'id'));
        $other = str_replace(substr(self::textAt($kept, 'id'), 0, 8), '0193b000', $table);
        $this->send('POST', '/api/trips/table', ['contents' => $other]);
        self::assertSame(200, $this->answered(), $this->said());
        self::assertIsArray($all = $this->send('GET', '/api/trips'));
        self::assertIsArray($all[0]);
        // In a table every cover has a share once one has.
        self::assertEquals(['covers' => [['cover' => 'wood', 'share' => 0.6], 'grass']] + $before, $said($all[0]));
    }

    /** A word for a cover is sound although something else of the day is not. */
    public function testAFaultBesideAWordForACoverIsToldByField(): void
    {
        $this->send('POST', '/api/trips/plan', ['covers' => ['dock', 'moss'], 'date' => 7] + self::example());
        self::assertSame(422, $this->answered());
        self::assertSame(['covers[1]', 'date'], self::sorted(array_keys($this->faults())));
    }

    /**
     * @param list<string> $of
     *
     * @return list<string>
     */
    private static function sorted(array $of): array
    {
        sort($of);

        return $of;
    }

    /**
     * @param array<mixed>|null $of
     *
     * @return array<mixed>
     */
    private static function listIn(?array $of, string $field): array
    {
        self::assertIsArray($list = $of[$field] ?? null);

        return $list;
    }

    public function testATableWithOneBadLineStoresNothingAndNamesTheLine(): void
    {
        $this->send('POST', '/api/trips', ['name' => 'Good', 'trip' => self::example()]);
        $this->browser->request('GET', '/api/trips/table');
        [$heading, $line] = explode("\n", $this->said());
        $good = (string) preg_replace('/^[0-9a-f-]{36}/', '', $line);
        $this->send('POST', '/api/trips/table', ['contents' => "$heading\n$good\n".str_replace('2026-05-09', '2026-02-30', $good)."\n"]);
        self::assertSame(422, $this->answered());
        self::assertSame(['line 3 trip.date'], array_keys($this->faults()));
        self::assertIsArray($all = $this->send('GET', '/api/trips'));
        self::assertCount(1, $all);
        $this->send('POST', '/api/trips/table', ['contents' => "name,when\nSaturday,today\n"]);
        self::assertSame(422, $this->answered());
    }

    public function testTheCalendarHasTheDayAndAnAlarmAtEveryTurn(): void
    {
        $this->send('POST', '/api/parts/import', ['contents' => (string) file_get_contents(self::PARTS)]);
        $kept = $this->send('POST', '/api/trips', ['name' => 'Saturday; early', 'trip' => ['lures' => ['jig']] + self::example()]);
        $this->browser->request('GET', '/api/trips/'.self::textAt($kept, 'id').'/calendar');
        $calendar = $this->said();
        self::assertStringContainsString('SUMMARY:Saturday\; early', $calendar);
        // 5:15 in the Central time zone in May is 10:15 in UTC.
        self::assertStringContainsString('DTSTART:20260509T101500Z', $calendar);
        self::assertStringContainsString('SUMMARY:6:56 AM: the sun climbs above 12°', $calendar);
        self::assertStringContainsString('DTSTART:20260509T115600Z', $calendar);
        self::assertSame(substr_count($calendar, 'BEGIN:VEVENT') - 1, substr_count($calendar, 'BEGIN:VALARM'));
        foreach (explode("\r\n", $calendar) as $line) {
            self::assertLessThanOrEqual(75, \strlen($line), 'RFC 5545, 3.1');
        }
    }

    /** Shorter than a quarter hour, which the day is cut into. */
    #[TestWith(['5:16'])]
    #[TestWith(['5:17'])]
    #[TestWith(['5:29'])]
    #[TestWith(['5:30'])]
    #[TestWith(['5:31'])]
    public function testAFewMinutesAreATripToo(string $to): void
    {
        $this->send('POST', '/api/parts/import', ['contents' => (string) file_get_contents(self::PARTS)]);
        $plan = $this->send('POST', '/api/trips/plan', ['to' => $to, 'lures' => ['jig']] + self::example());
        self::assertSame(200, $this->answered(), $this->said());
        self::assertGreaterThan(0, $plan['scenarios'] ?? 0);
    }

    /** What GET gives, PUT takes: the water may have been deleted meanwhile. */
    public function testATripAndAReadingOfADeletedWaterCanStillBeChanged(): void
    {
        $water = self::textAt($this->send('POST', '/api/waters', ['name' => 'Old pit', 'tint' => 'none', 'red_crawfish' => false]), 'id');
        $trip = ['name' => 'Saturday', 'water_id' => $water, 'trip' => self::example()];
        $id = self::textAt($this->send('POST', '/api/trips', $trip), 'id');
        $this->send('PUT', '/api/current-reading', ['reading' => Samples::reading(), 'water_id' => $water]);
        $this->send('DELETE', "/api/waters/$water");
        self::assertSame(204, $this->answered());
        foreach (["/api/trips/$id", '/api/current-reading'] as $address) {
            $this->send('PUT', $address, $this->send('GET', $address));
            self::assertContains($this->answered(), [200, 204], "$address ".$this->said());
        }
        $this->send('POST', '/api/trips', ['name' => 'Sunday', 'water_id' => $water, 'trip' => self::example()]);
        self::assertSame(201, $this->answered(), 'What was planned with no signal comes late.');
        $nowhere = '0193a000-0000-7000-8000-00000000ffff';
        $this->send('POST', '/api/trips', ['name' => 'Sunday', 'water_id' => $nowhere, 'trip' => self::example()]);
        self::assertSame(['water_id'], array_keys($this->faults()));
    }

    public function testAPageBehindAnIdThatIsNotThereIsNoPage(): void
    {
        $this->send('GET', '/api/trips?limit=5&after=0193a000-0000-7000-8000-00000000ffff');
        self::assertSame(422, $this->answered());
        self::assertSame(['after'], array_keys($this->faults()));
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('impossible')]
    public function testAnImpossibleDayIsToldByField(array $change, string $field, string $says): void
    {
        $this->send('POST', '/api/trips/plan', $change + self::example());
        self::assertSame(422, $this->answered());
        self::assertSame([$field], array_keys($this->faults()));
        self::assertStringContainsString($says, $this->said());
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function impossible(): iterable
    {
        $place = ['latitude' => 46, 'longitude' => -90, 'time_zone' => 'Middle/Nowhere'];
        yield 'no such clock' => [['place' => $place], 'place', 'is not a time zone'];
        yield 'off the earth' => [['place' => ['latitude' => 95] + $place], 'place.latitude', 'from -90 to 90'];
        yield 'no such day' => [['date' => '2026-02-30'], 'date', 'is not a date'];
        yield 'before it starts' => [['from' => '14:00', 'to' => '6:00'], 'to', 'before it starts'];
        yield 'carry nothing' => [['carry' => ['lures' => 0, 'trailers' => 6]], 'carry.lures', 'from 1 to 10'];
        yield 'half a chance' => [
            ['sky' => [['from' => '0:00', 'to' => '24:00', 'sky' => 'sun', 'chance' => 0.5]]], 'sky', 'add up to 50 %',
        ];
    }

    /** @return array<string, mixed> */
    private static function example(): array
    {
        /** @var array<string, mixed> $example */
        $example = json_decode((string) file_get_contents(self::EXAMPLE), true, 512, \JSON_THROW_ON_ERROR);

        return $example;
    }
}
