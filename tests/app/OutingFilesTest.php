<?php

declare(strict_types=1);

namespace Tests\app;

/** Outings in files: handed back by a phone, in a table, in the logbook, in the backup. */
final class OutingFilesTest extends OutingTestCase
{
    public function testAFileThatIsHandedBackTwiceAddsWhatIsNew(): void
    {
        $stint = ['id' => self::STINT, ...self::stint('09:00')];
        $event = static fn (int $n, string $at): array => ['id' => substr(self::EVENT, 0, -1).$n, 'at' => self::at($at), 'kind' => 'bite'];
        $file = static fn (array $outing): array => ['waters' => [], 'readings' => [], 'outings' => [['id' => self::OUTING] + $outing]];
        $noon = ['started_at' => self::at('08:50'), 'stints' => [['events' => [$event(3, '09:10')]] + $stint]];
        $this->send('POST', '/api/logbook', $file($noon));
        self::assertSame(200, $this->answered());
        // Said more about at home meanwhile, which stays.
        $this->send('PUT', self::eventPath(), ['at' => self::at('09:10'), 'kind' => 'landed', 'length_in' => 14]);
        $evening = ['started_at' => self::at('08:50'), 'ended_at' => self::at('11:30'), 'stints' => [
            ['ended_at' => self::at('11:30'), 'events' => [$event(3, '09:10'), $event(4, '10:20')]] + $stint,
        ]];
        foreach ([1, 2] as $_) {
            $this->send('POST', '/api/logbook', $file($evening));
            self::assertSame(200, $this->answered());
        }
        $outing = $this->send('GET', '/api/outings/'.self::OUTING);
        $events = self::listAt($outing, 'stints', 0, 'events');
        self::assertSame(['landed', 'bite'], array_column($events, 'kind'));
        self::assertSame(self::at('11:30'), self::textAt($outing, 'ended_at'));
        self::assertSame(self::at('11:30'), self::textAt($outing, 'stints', 0, 'ended_at'));
    }

    /** What was corrected at home, and what was said on the phone since the last file, both stay; an older file says nothing any more. */
    public function testANewerFileIsJoinedWithWhatWasCorrectedAtHome(): void
    {
        $event = static fn (int $n, string $at, array $more = []): array => [
            'id' => substr(self::EVENT, 0, -1).$n, 'at' => self::at($at), 'kind' => 'bite', ...$more,
        ];
        $file = static fn (int $version, array $events, array $more = []): array => ['waters' => [], 'readings' => [], 'outings' => [
            ['id' => self::OUTING, 'version' => $version, 'started_at' => self::at('08:50'), ...$more, 'stints' => [
                ['id' => self::STINT, ...self::stint('09:00'), 'events' => $events],
            ]],
        ]];
        $hand = function (array $file): array {
            $this->send('POST', '/api/logbook', $file);
            self::assertSame(200, $this->answered(), $this->said());
            self::forgetEntities();
            $outing = $this->send('GET', '/api/outings/'.self::OUTING);
            self::assertIsArray($outing);

            return $outing;
        };
        $noon = $file(4, [$event(3, '09:10'), $event(4, '09:20'), $event(5, '09:30'), $event(6, '09:40')]);
        $hand($noon);
        $this->send('GET', '/api/backup');
        $backup = $this->said();
        // At home: a mistaken tap goes, and something is said about another.
        $this->send('DELETE', substr(self::eventPath(), 0, -1).'3');
        $this->send('PUT', substr(self::eventPath(), 0, -1).'4', $event(4, '09:20', ['note' => 'By the dock']));
        $this->send('PUT', substr(self::eventPath(), 0, -1).'5', $event(5, '09:30', ['kind' => 'lost']));
        // On the phone: a length is added, one is told otherwise, one taken back, and one is new.
        $evening = $file(9, [
            $event(3, '09:10'),
            $event(4, '09:20', ['kind' => 'landed', 'length_in' => 15]),
            $event(5, '09:30', ['kind' => 'follow']),
            $event(7, '10:50'),
        ], ['ended_at' => self::at('11:00'), 'stints' => []]);
        $evening['outings'][0]['stints'] = [['ended_at' => self::at('11:00')] + self::listAt($evening, 'outings', 0, 'stints', 0)];
        $outing = $hand($evening);
        $events = self::listAt($outing, 'stints', 0, 'events');
        $last = static fn (mixed $id): string => substr(\is_string($id) ? $id : '', -1);
        self::assertSame(['4', '5', '7'], array_map($last, array_column($events, 'id')));
        self::assertSame(['landed', 'lost', 'bite'], array_column($events, 'kind'), 'What was changed here as well stays as it is here.');
        self::assertSame('By the dock', self::textAt($events, 0, 'note'));
        self::assertEquals(15, self::listAt($events, 0)['length_in']);
        self::assertSame(self::at('11:00'), self::textAt($outing, 'ended_at'));
        $evening['outings'][0]['version'] = 10;
        foreach ([$noon, $evening, $evening] as $again) {
            self::assertSame($outing, $hand($again), 'Nothing is new: it is not even written.');
        }
        // One without a version, from wherever it comes, adds what is not there.
        $other = $file(0, [$event(8, '10:55')]);
        unset($other['outings'][0]['version']);
        self::assertCount(4, self::listAt($hand($other), 'stints', 0, 'events'));
        // A backup knows nothing of files: all that one says is taken again.
        $this->send('POST', '/api/backup', $backup);
        self::assertSame(200, $this->answered(), $this->said());
        self::assertCount(5, self::listAt($hand($evening), 'stints', 0, 'events'));
    }

    /** More faults than are told one by one, and behind them a lure of which nothing is known. */
    public function testAFileWithFaultsBeyondCountingIsRefusedToo(): void
    {
        $empty = ['started_at' => self::at('09:00'), 'build' => new \stdClass(), 'reading' => new \stdClass()];
        $this->send('POST', '/api/logbook', [
            'waters' => [], 'readings' => [], 'outings' => [
                ['started_at' => self::at('09:00'), 'stints' => array_fill(0, 40, $empty)],
                ['started_at' => self::at('09:00'), 'stints' => [
                    ['build' => ['lure' => 'jig', 'head' => new \stdClass(), 'trailer' => new \stdClass()]] + self::stint('09:00'),
                ]],
            ],
        ]);
        self::assertSame(422, $this->answered());
        self::assertCount(50, $this->faults());
    }

    public function testOutingsTrialsAndPicturesAreInTheBackupAndInTheLogbook(): void
    {
        $this->begin();
        $this->send('PUT', self::stintPath(), self::stint('09:00'));
        $this->send('PUT', self::eventPath(), [
            'at' => self::at('09:20'), 'kind' => 'landed', 'colours_seen' => ['blue'], 'note' => 'By the log',
        ]);
        $photo = 'data:image/jpeg;base64,'.base64_encode((string) file_get_contents(self::PHOTO));
        $this->send('PUT', self::eventPath().'/photo', ['photo' => $photo]);
        $this->send('POST', '/api/trials', ['name' => 'Craw or not', 'trial' => [
            'a' => Samples::build(), 'b' => array_diff_key(Samples::build(), ['trailer' => 0]), 'block_min' => 20,
        ]]);
        self::assertSame(200, $this->answered());
        $this->send('DELETE', '/api/outings/'.self::OUTING);
        self::forgetEntities();
        $backup = $this->send('GET', '/api/backup');
        Schema::assertValid('backup', $this->said());
        $restored = $this->send('POST', '/api/backup', $this->said());
        self::assertIsArray($restored);
        self::assertSame(200, $this->answered(), $this->said());
        self::assertSame([0, 1], [$restored['outings'], $restored['trials']]);
        self::forgetEntities();
        self::assertEquals(self::withoutTimes($backup), self::withoutTimes($this->send('GET', '/api/backup')));
        $back = $this->send('POST', '/api/outings/'.self::OUTING.'/restore');
        self::assertSame('By the log', self::textAt($back, 'stints', 0, 'events', 0, 'note'));
        $logbook = $this->send('GET', '/api/logbook');
        Schema::assertValid('logbook', $this->said());
        self::assertStringStartsWith('data:image/jpeg', self::textAt($logbook, 'outings', 0, 'stints', 0, 'events', 0, 'photo'));
    }

    public function testATableOfOutingsGoesOutAndComesBackAsItWas(): void
    {
        $this->begin();
        $this->send('PUT', self::stintPath(), self::stint('09:00'));
        $this->send('PUT', self::eventPath(), [
            'at' => self::at('09:20'), 'kind' => 'landed', 'length_in' => 14, 'note' => '=risky, "quoted"',
        ]);
        $this->send('PUT', self::stintPath(9), self::stint('10:00'));
        $before = $this->send('POST', '/api/outings/'.self::OUTING.'/end', ['ended_at' => self::at('11:00')]);
        $this->browser->request('GET', '/api/outings/table');
        $csv = $this->said();
        $preview = $this->send('POST', '/api/outings/table/preview', ['contents' => $csv]);
        self::assertIsArray($preview);
        self::assertSame([1, 1, 2, 1], [$preview['outings'], $preview['known'], $preview['stints'], $preview['events']]);
        $other = str_replace('-7000-b000-', '-7000-b001-', $csv);
        $this->send('POST', '/api/outings/table', ['contents' => $other]);
        self::assertSame(200, $this->answered(), $this->said());
        $after = $this->send('GET', '/api/outings/'.str_replace('-b000-', '-b001-', self::OUTING));
        self::assertNotNull($before);
        self::assertNotNull($after);
        $plain = static fn (array $outing): string => str_replace(
            '-b001-',
            '-b000-',
            json_encode(array_diff_key($outing, ['version' => 0]), \JSON_THROW_ON_ERROR),
        );
        self::assertSame($plain($before), $plain($after));
    }

    public function testALogbookInJsonIsLookedAtBeforeItIsTaken(): void
    {
        $this->begin();
        $this->send('POST', '/api/outings/'.self::OUTING.'/end', ['ended_at' => self::at('11:00')]);
        $this->browser->request('GET', '/api/logbook');
        $json = str_replace('-7000-b000-', '-7000-b001-', $this->said());
        $seen = $this->send('POST', '/api/outings/table/preview', ['contents' => $json]);
        self::assertIsArray($seen);
        self::assertSame([1, 0], [$seen['outings'], $seen['known']]);
        self::assertIsArray($all = $this->send('GET', '/api/outings'));
        self::assertCount(1, $all);
        $this->send('POST', '/api/outings/table', ['contents' => $json]);
        self::assertSame(200, $this->answered());
        self::assertIsArray($all = $this->send('GET', '/api/outings'));
        self::assertCount(2, $all);
    }

    public function testATableWrittenByHandNamesPartsInWords(): void
    {
        $csv = 'outing_started_at,outing_ended_at,stint_started_at,stint_ended_at,lure,head,rear,skirt,trailer,reading_lure,'
            .'reading_visibility_in,reading_tint,reading_sky,reading_wind,reading_depth_ft,reading_season,reading_cover,'
            ."reading_cover_density,reading_forage,reading_red_crawfish,reading_bite,reading_bass,event,event_at\n"
            .'2026-05-09T06:00:00-05:00,2026-05-09T10:00:00-05:00,2026-05-09T06:10:00-05:00,2026-05-09T08:00:00-05:00,spinnerbait,'
            .'3/8 white,gold willow #4,chartreuse and white,4 in white grub,spinnerbait,20,tannic,sun,ripple,5,spring,wood,'
            .'normal,bluegill,no,'
            ."normal,largemouth,landed,2026-05-09T07:00:00-05:00\n";
        $this->send('POST', '/api/outings/table', ['contents' => $csv]);
        self::assertSame(200, $this->answered(), $this->said());
        $analysis = $this->send('GET', '/api/logbook/analysis');
        Schema::assertValid('analysis', $this->said());
        $levels = [];
        foreach (self::listAt($analysis, 'rates') as $rate) {
            self::assertIsArray($rate);
            $levels[self::textAt($rate, 'factor')] = self::textAt($rate, 'level');
        }
        self::assertSame(
            ['gold', 'chartreuse', 'white', 'spinnerbait'],
            [$levels['finish'], $levels['skirt'], $levels['trailer'], $levels['lure']],
        );
    }

    public function testABadLineOfATableIsToldWithItsNumberAndNothingIsStored(): void
    {
        $csv = "outing_id,outing_started_at,outing_note\n,2026-05-09T06:00:00Z,good\n,2199-05-09T06:00:00Z,never\n,yesterday,bad\n";
        $this->send('POST', '/api/outings/table', ['contents' => $csv]);
        self::assertSame(422, $this->answered());
        self::assertSame(['line 4 started_at'], array_keys($this->faults()));
        $this->send('POST', '/api/outings/table', ['contents' => str_replace(",yesterday,bad\n", '', $csv)]);
        self::assertSame(['line 3 started_at'], array_keys($this->faults()));
        self::assertSame([], $this->send('GET', '/api/outings'));
    }

    /** @param array<mixed>|null $backup */
    private static function withoutTimes(?array $backup): mixed
    {
        self::assertNotNull($backup);

        return json_decode((string) preg_replace('/"version":\d+,?/', '', json_encode($backup, \JSON_THROW_ON_ERROR)), true);
    }
}
