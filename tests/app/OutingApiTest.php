<?php

declare(strict_types=1);

namespace Tests\app;

use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\DataProvider;

/** Outings noted over the API, by one device and by two, and what is done where notes contradict each other. */
final class OutingApiTest extends OutingTestCase
{
    public function testAnOutingIsNotedTapByTap(): void
    {
        $this->begin();
        $this->send('PUT', self::stintPath(), self::stint('09:00'));
        self::assertSame(200, $this->answered());
        $outing = $this->send('PUT', self::eventPath(), ['at' => self::at('09:20'), 'kind' => 'landed', 'length_in' => 15.5]);
        self::assertSame(200, $this->answered());
        self::assertSame(self::EVENT, self::textAt($outing, 'stints', 0, 'events', 0, 'id'));
        $changed = $this->send('PUT', self::stintPath(9), ['build' => ['lure' => 'swim_jig'] + Samples::build()] + self::stint('10:00'));
        self::assertSame(self::at('10:00'), self::textAt($changed, 'stints', 0, 'ended_at'));
        $ended = $this->send('POST', '/api/outings/'.self::OUTING.'/end', ['ended_at' => self::at('11:30')]);
        self::assertSame(self::at('11:30'), self::textAt($ended, 'ended_at'));
        self::assertSame(self::at('11:30'), self::textAt($ended, 'stints', 1, 'ended_at'));
        Schema::assertValid('outing', $this->said());
        $all = $this->send('GET', '/api/outings');
        self::assertIsArray($all);
        self::assertIsArray($all[0]);
        self::assertEquals(
            [2.5, 1, 1, 15.5, ['jig', 'swim_jig']],
            [$all[0]['hours'], $all[0]['bites'], $all[0]['fish'], $all[0]['longest_in'], $all[0]['lures']],
        );
    }

    public function testTheSameNoteSentTwiceIsNotedOnce(): void
    {
        $outing = null;
        for ($i = 0; $i < 2; ++$i) {
            $this->begin();
            $this->send('PUT', self::stintPath(), self::stint('09:00'));
            $outing = $this->send('PUT', self::eventPath(), ['at' => self::at('09:20'), 'kind' => 'bite']);
        }
        self::assertCount(1, self::listAt($outing, 'stints'));
        self::assertCount(1, self::listAt($outing, 'stints', 0, 'events'));
        self::assertIsArray($all = $this->send('GET', '/api/outings'));
        self::assertCount(1, $all);
    }

    /** A phone without a signal tied a lure on at 9:40 and had a bite at 9:50; another one has noted the lure of 10:00 long since. */
    public function testALureThatIsNotedLateIsOnUntilTheNextOne(): void
    {
        $this->begin();
        $this->send('PUT', self::stintPath(), self::stint('09:00'));
        $this->send('PUT', self::eventPath(), ['at' => self::at('09:45'), 'kind' => 'follow']);
        $this->send('PUT', self::stintPath(9), self::stint('10:00'));
        $outing = $this->send('PUT', self::stintPath(7), self::stint('09:40'));
        self::assertSame(200, $this->answered());
        $outing = $this->send('PUT', self::eventPath(8), ['at' => self::at('09:50'), 'kind' => 'bite']);
        self::assertSame(200, $this->answered());
        $stints = self::listAt($outing, 'stints');
        self::assertSame([self::at('09:00'), self::at('09:40'), self::at('10:00')], array_column($stints, 'started_at'));
        self::assertSame([self::at('09:40'), self::at('10:00'), null], array_column($stints, 'ended_at'));
        $counts = array_map(static fn (mixed $events): int => \is_array($events) ? \count($events) : -1, array_column($stints, 'events'));
        self::assertSame([0, 2, 0], $counts);
    }

    public function testALureThatIsSentAgainAfterAnotherHasEndedItStaysEnded(): void
    {
        $this->begin();
        $this->send('PUT', self::stintPath(), self::stint('09:00'));
        $this->send('PUT', self::stintPath(9), self::stint('10:00'));
        $outing = $this->send('PUT', self::stintPath(), self::stint('09:00'));
        self::assertSame(200, $this->answered());
        self::assertSame([self::at('10:00'), null], array_column(self::listAt($outing, 'stints'), 'ended_at'));
    }

    public function testTheBoxIsChangedUnlessAnotherDeviceHasChangedIt(): void
    {
        $this->begin();
        $path = '/api/outings/'.self::OUTING.'/box';
        $first = ['lures' => [Samples::build()]];
        $this->send('PUT', $path, ['before' => new \stdClass(), 'box' => $first]);
        self::assertSame(200, $this->answered());
        $this->send('PUT', $path, ['before' => new \stdClass(), 'box' => $first]);
        self::assertSame(200, $this->answered(), 'The same again, where no answer came.');
        $problem = $this->send('PUT', $path, ['before' => new \stdClass(), 'box' => ['lures' => []]]);
        self::assertSame(409, $this->answered());
        self::assertSame('jig', self::textAt($problem, 'current', 'lures', 0, 'lure'));
        $emptied = $this->send('PUT', $path, ['before' => $first, 'box' => new \stdClass()]);
        self::assertSame(200, $this->answered());
        self::assertSame([], self::listAt($emptied, 'box'));
    }

    /** One phone has changed the lure, the other does not know: its bite belongs to the lure that was on then, and nothing is lost. */
    public function testTwoDevicesNoteOneOuting(): void
    {
        $this->begin();
        $this->send('PUT', self::stintPath(), self::stint('09:00'));
        $this->send('PUT', self::stintPath(9), self::stint('09:30'));
        $outing = $this->send('PUT', self::eventPath(), ['at' => self::at('09:40'), 'kind' => 'bite']);
        self::assertSame([[], self::EVENT], [
            self::listAt($outing, 'stints', 0, 'events'),
            self::textAt($outing, 'stints', 1, 'events', 0, 'id'),
        ]);
        $early = $this->send('PUT', self::eventPath(4), ['at' => self::at('09:10'), 'kind' => 'follow']);
        self::assertSame('follow', self::textAt($early, 'stints', 0, 'events', 0, 'kind'));
        $this->send('PUT', '/api/outings/'.self::OUTING, ['version' => 1, 'started_at' => self::at('09:00'), 'stints' => []]);
        self::assertSame(409, $this->answered());
    }

    public function testAnEventThatMovesToAStintJustBegunIsNotLost(): void
    {
        $this->begin();
        $this->send('PUT', self::stintPath(), self::stint('09:00'));
        $outing = $this->send('PUT', self::eventPath(), ['at' => self::at('09:40'), 'kind' => 'landed', 'note' => 'Kept']);
        self::assertIsArray($outing);
        $event = self::listAt($outing, 'stints', 0, 'events', 0);
        $second = ['events' => [array_diff_key($event, ['taken' => 0])]] + self::stint('09:30');
        $this->send('PUT', '/api/outings/'.self::OUTING, [
            'version' => $outing['version'], 'started_at' => self::at('09:00'), 'stints' => [$second],
        ]);
        self::assertSame(200, $this->answered(), $this->said());
        self::forgetEntities();
        $now = $this->send('GET', '/api/outings/'.self::OUTING);
        self::assertCount(1, self::listAt($now, 'stints'));
        self::assertSame('Kept', self::textAt($now, 'stints', 0, 'events', 0, 'note'));
    }

    /** The change of lure was on its way while the other phone noted a bite: it was on the new lure. */
    public function testABiteNotedAfterALateChangeOfLureBelongsToTheNewLure(): void
    {
        $this->begin();
        $this->send('PUT', self::stintPath(), self::stint('09:00'));
        $this->send('PUT', self::eventPath(), ['at' => self::at('09:10'), 'kind' => 'follow']);
        $this->send('PUT', self::eventPath(4), ['at' => self::at('09:40'), 'kind' => 'bite']);
        $outing = $this->send('PUT', self::stintPath(9), self::stint('09:30'));
        self::assertSame(200, $this->answered());
        self::forgetEntities();
        self::assertEquals($outing, $this->send('GET', '/api/outings/'.self::OUTING));
        self::assertSame('follow', self::textAt($outing, 'stints', 0, 'events', 0, 'kind'));
        self::assertSame('bite', self::textAt($outing, 'stints', 1, 'events', 0, 'kind'));
        self::assertCount(1, self::listAt($outing, 'stints', 0, 'events'));
    }

    public function testAFishMayBeMovedToAnotherTimeAndItsStintFollows(): void
    {
        $this->begin();
        $this->send('PUT', self::stintPath(), self::stint('09:00'));
        $this->send('PUT', self::stintPath(9), self::stint('09:30'));
        $this->send('PUT', self::eventPath(), ['at' => self::at('09:40'), 'kind' => 'bite']);
        $outing = $this->send('PUT', self::eventPath(), ['at' => self::at('09:10'), 'kind' => 'landed']);
        self::forgetEntities();
        self::assertEquals($outing, $this->send('GET', '/api/outings/'.self::OUTING));
        self::assertSame('landed', self::textAt($outing, 'stints', 0, 'events', 0, 'kind'));
        self::assertSame([], self::listAt($outing, 'stints', 1, 'events'));
    }

    public function testWhatIsLostIsTakenFromStockOnceAndPutBackOnUndo(): void
    {
        $part = fn (): int => self::stockOf($this->send('GET', '/api/parts'), 'Black craw');
        $parts = $this->send('POST', '/api/parts', [['count' => 5] + Samples::craw()]);
        $id = self::textAt($parts, 0, 'id');
        $this->begin();
        $build = ['trailer' => ['id' => $id] + Samples::craw()] + Samples::build();
        $this->send('PUT', self::stintPath(), ['build' => $build] + self::stint('09:00'));
        $torn = ['at' => self::at('09:20'), 'kind' => 'trailer_torn'];
        $this->send('PUT', self::eventPath(), $torn);
        $outing = $this->send('PUT', self::eventPath(), $torn);
        self::assertSame(4, $part());
        self::assertSame([$id => 1], self::listAt($outing, 'stints', 0, 'events', 0, 'taken'));
        $this->send('PUT', self::eventPath(), ['takes_stock' => false] + $torn);
        self::assertSame(5, $part());
        $this->send('PUT', self::eventPath(), ['kind' => 'lure_lost'] + $torn);
        self::assertSame(4, $part());
        $this->send('DELETE', self::eventPath());
        self::assertSame(5, $part());
    }

    /** What is taken from stock is what the notes say was on, however they came to say so. */
    public function testALossTakesFromTheLureThatWasOnAsTheNotesSayNow(): void
    {
        $ids = [];
        foreach (['Black craw', 'Blue craw'] as $name) {
            $parts = $this->send('POST', '/api/parts', [['name' => $name, 'count' => 5] + Samples::craw()]);
            $ids[$name] = self::textAt($parts, 0, 'id');
        }
        $with = static fn (string $name): array => [
            'build' => ['trailer' => ['id' => $ids[$name], 'name' => $name] + Samples::craw()] + Samples::build(),
        ];
        $stock = function (): array {
            $bin = $this->send('GET', '/api/parts');

            return [self::stockOf($bin, 'Black craw'), self::stockOf($bin, 'Blue craw')];
        };
        $this->begin();
        $this->send('PUT', self::stintPath(), $with('Black craw') + self::stint('09:00'));
        $this->send('PUT', self::eventPath(), ['at' => self::at('09:40'), 'kind' => 'trailer_torn']);
        self::assertSame([4, 5], $stock());

        $this->send('PUT', self::stintPath(), $with('Blue craw') + self::stint('09:00'));
        self::assertSame([5, 4], $stock(), 'The lure of the stint was another one.');
        $this->send('PUT', self::stintPath(), $with('Black craw') + self::stint('09:00'));
        self::assertSame([4, 5], $stock());

        $this->send('PUT', self::stintPath(9), $with('Blue craw') + self::stint('09:30'));
        self::assertSame([5, 4], $stock(), 'A lure noted late was on by then.');
        $this->send('PUT', self::eventPath(), ['at' => self::at('09:10'), 'kind' => 'trailer_torn']);
        self::assertSame([4, 5], $stock(), 'It was torn before that.');

        $address = '/api/outings/'.self::OUTING;
        $this->send('DELETE', $address);
        self::assertSame([5, 5], $stock(), 'Nothing was used up on an outing that is deleted.');
        $this->send('POST', "$address/restore");
        self::assertSame([4, 5], $stock());
        $outing = $this->send('GET', $address);
        self::assertIsArray($outing);
        $outing = ['box' => new \stdClass()] + $outing;
        // Whatever is there now, also beside an older version in the document (RFC 9110, 13.1.1).
        $this->send('PUT', $address, ['stints' => [], 'version' => 1] + $outing, ['HTTP_IF_MATCH' => '*']);
        self::assertSame(200, $this->answered(), $this->said());
        self::assertSame([5, 5], $stock());
        $this->send('PUT', $address, ['version' => 1] + $outing, ['HTTP_IF_MATCH' => '*']);
        self::assertSame([4, 5], $stock());
    }

    /** The rest of the day goes on beside it, and nothing that is done there takes it away. */
    public function testALureThatCannotBeReadStaysAndTheDayGoesOn(): void
    {
        $this->begin();
        $this->send('PUT', self::stintPath(), self::stint('09:00'));
        $this->send('PUT', self::eventPath(), ['at' => self::at('09:10'), 'kind' => 'trailer_torn']);
        $this->send('PUT', self::stintPath(9), self::stint('10:00'));
        $database = self::getContainer()->get(Connection::class);
        self::assertInstanceOf(Connection::class, $database);
        $damaged = $database->executeStatement("UPDATE stint SET document = '{}' WHERE started_at LIKE '%09:00:00'");
        self::assertSame(1, $damaged);
        self::forgetEntities();

        $address = '/api/outings/'.self::OUTING;
        $outing = $this->send('GET', $address);
        self::assertSame(200, $this->answered());
        self::assertCount(1, (array) ($outing['stints'] ?? []));
        $this->send('PUT', self::eventPath(8), ['at' => self::at('10:10'), 'kind' => 'landed']);
        self::assertSame(200, $this->answered(), $this->said());
        $outing = ['box' => new \stdClass()] + (array) $this->send('GET', $address);
        $this->send('PUT', $address, ['note' => 'Changed at home'] + $outing);
        self::assertSame(200, $this->answered(), $this->said());
        $this->send('GET', '/api/logbook/analysis');
        self::assertSame(200, $this->answered());
        $this->send('DELETE', $address);
        self::assertSame(204, $this->answered());
        $this->send('POST', "$address/restore");
        self::assertSame(200, $this->answered());
        self::assertSame(['stint'], array_column($this->send('GET', '/api/attention') ?? [], 'kind'));
        self::assertEquals(2, $database->fetchOne('SELECT COUNT(*) FROM outing_event'));
    }

    public function testTyingOnByMistakeIsUndoneAndTheLureBeforeGoesOn(): void
    {
        $this->begin();
        $this->send('PUT', self::stintPath(), self::stint('09:00'));
        $this->send('PUT', self::stintPath(9), self::stint('09:30'));
        $outing = $this->send('DELETE', self::stintPath(9));
        self::assertCount(1, self::listAt($outing, 'stints'));
        self::assertNull(self::listAt($outing, 'stints', 0)['ended_at']);
        $this->send('PUT', self::eventPath(), ['at' => self::at('09:40'), 'kind' => 'bite']);
        $this->send('DELETE', self::stintPath());
        self::assertSame(['stint' => 'Something was noted while this lure was on. Remove that first.'], $this->faults());
    }

    /** The partner's lure is counted apart, and an unknown one of the partner's is noted beside mine. */
    public function testThePartnersFishCountForTheLureOfThePartner(): void
    {
        $this->begin();
        $this->send('PUT', self::stintPath(), self::stint('09:00'));
        $unknown = $this->send('PUT', self::eventPath(), ['at' => self::at('09:05'), 'kind' => 'landed', 'angler' => 'partner']);
        self::assertSame('me', self::textAt($unknown, 'stints', 0, 'angler'));
        $this->send('PUT', self::stintPath(9), ['angler' => 'partner'] + self::stint('09:10'));
        $outing = $this->send('PUT', self::eventPath(4), ['at' => self::at('09:20'), 'kind' => 'landed', 'angler' => 'partner']);
        self::assertSame('partner', self::textAt($outing, 'stints', 1, 'events', 0, 'angler'));
        $this->send('POST', '/api/outings/'.self::OUTING.'/end', ['ended_at' => self::at('10:00')]);
        $analysis = $this->send('GET', '/api/logbook/analysis');
        self::assertIsArray($analysis);
        self::assertEquals([1.83, 1], [$analysis['hours'], $analysis['events']]);
    }

    /**
     * @param array<string, mixed>  $outing
     * @param array<string, string> $faults
     */
    #[DataProvider('impossible')]
    public function testWhatCannotBeIsRefusedWithASentence(array $outing, array $faults): void
    {
        $this->send('POST', '/api/outings', $outing);
        self::assertSame(422, $this->answered());
        self::assertSame($faults, $this->faults());
        self::assertSame([], $this->send('GET', '/api/outings'));
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, string>}> */
    public static function impossible(): iterable
    {
        date_default_timezone_set('UTC');
        $outing = ['started_at' => self::at('09:00'), 'ended_at' => self::at('12:00')];
        $ended = static fn (string $from, string $to): array => ['ended_at' => self::at($to)] + self::stint($from);
        yield 'an end before the start' => [
            ['ended_at' => self::at('08:00')] + $outing,
            ['ended_at' => 'The outing ends at May 9, 2026, 8:00 AM, before it starts at May 9, 2026, 9:00 AM.'],
        ];
        yield 'a stint that ends before it starts' => [
            ['stints' => [$ended('10:00', '09:30')]] + $outing,
            ['stints[0].ended_at' => 'The stint ends at May 9, 2026, 9:30 AM, before it starts at May 9, 2026, 10:00 AM.'],
        ];
        yield 'stints that overlap' => [
            ['stints' => [$ended('09:00', '10:00'), $ended('09:45', '11:00')]] + $outing,
            ['stints[1].started_at' => 'A lure is tied on at May 9, 2026, 9:45 AM while the one before it was fished until '
                .'May 9, 2026, 10:00 AM. Only one lure is fished at a time.'],
        ];
        yield 'a stint outside the outing' => [
            ['stints' => [$ended('11:00', '12:30')]] + $outing,
            ['stints[0].ended_at' => 'The stint at May 9, 2026, 12:30 PM is outside the outing, which ran from May 9, 2026, 9:00 AM to '
                .'May 9, 2026, noon.'],
        ];
        yield 'an event outside its stint' => [
            ['stints' => [['events' => [['at' => self::at('10:30'), 'kind' => 'bite']]] + $ended('09:00', '10:00')]] + $outing,
            ['stints[0].events[0].at' => 'An event at May 9, 2026, 10:30 AM is outside its stint, which ran from May 9, 2026, 9:00 AM to '
                .'May 9, 2026, 10:00 AM.'],
        ];
        yield 'a clock that jumped ahead' => [
            ['started_at' => '2199-01-01T00:00:00+00:00'],
            ['started_at' => 'Jan 1, 2199, midnight is in the future. Check the clock of the phone.'],
        ];
        yield 'an open stint in an outing that has ended' => [
            ['stints' => [self::stint('09:00')]] + $outing,
            ['stints[0].ended_at' => 'The outing has ended, but the lure tied on at May 9, 2026, 9:00 AM has no end. Say when it '
                .'came off.'],
        ];
        yield 'a day that nobody ended' => [
            ['ended_at' => '2026-05-11T09:00:00+00:00'] + $outing,
            ['ended_at' => 'From May 9, 2026, 9:00 AM to May 11, 2026, 9:00 AM is more than 36 hours. Say when the outing really ended.'],
        ];
        yield 'one id for two things' => [
            ['stints' => [['id' => self::STINT] + $ended('09:00', '10:00'), ['id' => self::STINT] + $ended('10:00', '11:00')]] + $outing,
            ['stints[1].id' => 'Another entry of this outing has this id already.'],
        ];
    }

    public function testANoteNeedsAnIdOfItsOwn(): void
    {
        $this->begin();
        $this->send('PUT', '/api/outings/'.self::OUTING.'/stints/first', self::stint('09:00'));
        self::assertSame(['id' => '“first” is not a UUID.'], $this->faults());
        $this->send('PUT', self::stintPath(), ['id' => self::EVENT] + self::stint('09:00'));
        self::assertSame(['id' => 'The id is not the one in the address.'], $this->faults());
    }

    public function testANoteFromBeforeTheOutingOrTheLureIsRefusedAndNothingIsChanged(): void
    {
        $this->begin();
        $this->send('PUT', self::stintPath(), self::stint('09:30'));
        $this->send('PUT', self::stintPath(9), self::stint('08:10'));
        self::assertSame(422, $this->answered());
        $this->send('PUT', self::eventPath(), ['at' => self::at('09:05'), 'kind' => 'bite']);
        self::assertStringContainsString('No lure was tied on at May 9, 2026, 9:05 AM.', implode(' ', $this->faults()));
        self::forgetEntities();
        $outing = $this->send('GET', '/api/outings/'.self::OUTING);
        self::assertCount(1, self::listAt($outing, 'stints'));
        self::assertNull(self::listAt($outing, 'stints', 0)['ended_at']);
    }

    public function testAPictureIsStrippedOfWhereItWasTaken(): void
    {
        $this->begin();
        $this->send('PUT', self::stintPath(), self::stint('09:00'));
        $this->send('PUT', self::eventPath(), ['at' => self::at('09:20'), 'kind' => 'landed']);
        $jpeg = (string) file_get_contents(self::PHOTO);
        self::assertStringContainsString('Exif', $jpeg);
        $this->send('PUT', self::eventPath().'/photo', ['photo' => 'data:image/jpeg;base64,'.base64_encode($jpeg)]);
        self::assertSame(204, $this->answered());
        $this->browser->request('GET', self::eventPath().'/photo');
        $stored = $this->said();
        self::assertStringNotContainsString('Exif', $stored);
        self::assertSame([8, 8, \IMAGETYPE_JPEG], \array_slice((array) getimagesizefromstring($stored), 0, 3));
        $outing = $this->send('GET', '/api/outings/'.self::OUTING);
        self::assertTrue(self::listAt($outing, 'stints', 0, 'events', 0)['has_photo']);
        $this->send('PUT', self::eventPath().'/photo', ['photo' => 'data:image/jpeg;base64,'.base64_encode(substr($jpeg, 0, 60))]);
        self::assertSame(['photo' => 'This is not a readable JPEG picture of at most 2000 by 2000 pixels.'], $this->faults());
        $this->send('PUT', self::eventPath().'/photo', ['photo' => 'data:image/jpeg;base64,'.base64_encode('GIF89a, or so')]);
        self::assertSame(422, $this->answered());
    }

    public function testATrialIsDrawnFishedAndAnswered(): void
    {
        $trial = $this->send('POST', '/api/trials', ['name' => 'Craw or none', 'trial' => [
            'a' => Samples::build(), 'b' => array_diff_key(Samples::build(), ['trailer' => 0]), 'block_min' => 20,
        ]]);
        $id = self::textAt($trial, 'id');
        $order = self::listAt($trial, 'trial', 'first_is_a');
        self::assertGreaterThan(10, \count($order));
        $this->begin();
        $block = static fn (int $n, string $from, string $to): array => [
            'trial' => ['trial_id' => $id, 'block' => $n], 'ended_at' => self::at($to),
        ] + self::stint($from);
        $this->send('PUT', self::stintPath(), $block(0, '09:00', '09:20'));
        $this->send('PUT', self::eventPath(), ['at' => self::at('09:10'), 'kind' => 'bite']);
        $this->send('PUT', self::stintPath(9), $block(1, '09:20', '09:40'));
        $all = $this->send('GET', '/api/trials');
        $standing = self::listAt($all, 0, 'standing');
        self::assertSame(['goes_on', 1, 2], [$standing['outcome'], $standing['pairs'], $standing['next_block']]);
        self::assertSame(true === $order[0] ? [1, 0] : [0, 1], [$standing['bites_a'], $standing['bites_b']]);
        $this->send('DELETE', "/api/trials/$id");
        self::assertSame([], $this->send('GET', '/api/trials'));
        $this->send('POST', "/api/trials/$id/restore");
        self::assertIsArray($all = $this->send('GET', '/api/trials'));
        self::assertCount(1, $all);
    }

    public function testATrialOfALureAgainstItselfIsRefused(): void
    {
        $both = ['a' => Samples::build(), 'b' => Samples::build(), 'block_min' => 20];
        $this->send('POST', '/api/trials', ['name' => 'Same', 'trial' => $both]);
        self::assertSame(['trial.b' => 'Both lures are the same. Choose two that differ.'], $this->faults());
    }

    /** @param array<mixed>|null $bin */
    private static function stockOf(?array $bin, string $name): int
    {
        foreach (self::listAt($bin, 'parts') as $part) {
            if (\is_array($part) && $name === $part['name'] && \is_int($part['count'])) {
                return $part['count'];
            }
        }
        self::fail("No part is called $name.");
    }
}
