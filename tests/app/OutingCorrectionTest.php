<?php

declare(strict_types=1);

namespace Tests\app;

/** An outing that is corrected at home while another device notes in it, or comes back in a file. */
final class OutingCorrectionTest extends OutingTestCase
{
    private const PATH = '/api/outings/'.self::OUTING;

    public function testWhatAnotherDeviceNotedMeanwhileStays(): void
    {
        $before = $this->fished();
        $this->send('PUT', self::eventPath(4), ['at' => self::at('09:20'), 'kind' => 'landed']);
        $after = $this->correct($before, ['note' => 'North wind'] + $before);
        self::assertSame('North wind', self::textAt($after, 'note'));
        self::assertSame(['bite', 'landed'], array_column(self::listAt($after, 'stints', 0, 'events'), 'kind'));
    }

    public function testWhatBothChangedIsShownInBothVersionsAndNothingIsStoredUntilItIsAnswered(): void
    {
        $before = $this->fished();
        $this->correct($before, ['note' => 'No wind', 'started_at' => self::at('08:30')] + $before);
        $sent = ['note' => 'West wind', 'started_at' => self::at('08:40')] + $before;
        $problem = $this->send('POST', self::PATH.'/correction', ['before' => $before, 'outing' => $sent]);
        self::assertSame([409, 'changed_twice'], [$this->answered(), self::textAt($problem, 'code')]);
        $conflicts = self::listAt($problem, 'conflicts');
        self::assertSame(['started_at', 'note'], array_column($conflicts, 'field'));
        self::assertSame([self::at('08:30'), 'No wind'], array_column($conflicts, 'stored'));
        self::assertSame([self::at('08:40'), 'West wind'], array_column($conflicts, 'sent'));
        self::assertSame('No wind', self::textAt($this->send('GET', self::PATH), 'note'));

        $answers = [
            ['conflict' => self::textAt($conflicts, 0, 'key'), 'keep' => 'stored'],
            ['conflict' => self::textAt($conflicts, 1, 'key'), 'keep' => 'sent'],
        ];
        $after = $this->correct($before, $sent, $answers);
        self::assertSame([self::at('08:30'), 'West wind'], [self::textAt($after, 'started_at'), self::textAt($after, 'note')]);
        // What is stored by now is what was sent: nothing is left to ask.
        self::assertSame($after['note'] ?? '', self::textAt($this->correct($before, ['started_at' => self::at('08:30')] + $sent), 'note'));
    }

    public function testAnAnswerAboutAVersionThatIsNoLongerStoredIsAskedAgain(): void
    {
        $before = $this->fished();
        $this->correct($before, ['note' => 'No wind'] + $before);
        $sent = ['before' => $before, 'outing' => ['note' => 'West wind'] + $before];
        $key = self::textAt($this->send('POST', self::PATH.'/correction', $sent), 'conflicts', 0, 'key');
        $this->correct($stored = $this->stored(), ['note' => 'A breeze'] + $stored);
        $problem = $this->send('POST', self::PATH.'/correction', $sent + ['answers' => [['conflict' => $key, 'keep' => 'sent']]]);
        self::assertSame([409, 'A breeze'], [$this->answered(), self::textAt($problem, 'conflicts', 0, 'stored')]);
    }

    public function testTimesThatContradictOnlyTogetherAreRefused(): void
    {
        $before = $this->fished();
        $this->send('PUT', self::eventPath(4), ['at' => self::at('10:20'), 'kind' => 'landed']);
        $stints = [['ended_at' => self::at('10:00')] + self::listAt($before, 'stints', 0)];
        $problem = $this->send('POST', self::PATH.'/correction', ['before' => $before, 'outing' => ['stints' => $stints] + $before]);
        self::assertSame(422, $this->answered());
        self::assertStringContainsString('10:20', self::textAt($problem, 'detail'));
        self::assertCount(2, self::listAt($this->stored(), 'stints', 0, 'events'));
    }

    public function testAnOutingOfAWaterThatWasDeletedCanBeCorrected(): void
    {
        $pit = ['name' => 'Gravel pit', 'tint' => 'green', 'red_crawfish' => false];
        $water = self::textAt($this->send('POST', '/api/waters', $pit), 'id');
        $before = $this->fished(['water_id' => $water]);
        $this->send('DELETE', "/api/waters/$water");
        self::assertSame(204, $this->answered());
        self::forgetEntities();
        $after = $this->correct($before, ['note' => 'Calm'] + $before);
        self::assertSame(['Calm', $water], [self::textAt($after, 'note'), self::textAt($after, 'water_id')]);
        $this->send('PUT', self::PATH, ['water_id' => self::STINT] + $after);
        self::assertSame(422, $this->answered());
    }

    public function testASecondFileOfOneDayIsLookedAtBeforeItIsTakenAndSaysWhatBothChanged(): void
    {
        $outing = static fn (int $version, string $note, array $events): array => [
            'id' => self::OUTING, 'version' => $version, 'started_at' => self::at('08:50'), 'note' => $note,
            'stints' => [['id' => self::STINT, 'events' => $events] + self::stint('09:00')],
        ];
        $file = static fn (int $version, string $note, array $events): string => json_encode(
            ['waters' => [], 'readings' => [], 'outings' => [$outing($version, $note, $events)]],
            \JSON_THROW_ON_ERROR,
        );
        $bite = ['id' => self::EVENT, 'at' => self::at('09:10'), 'kind' => 'bite'];
        $noon = $file(2, '', [$bite]);
        self::assertSame([1, 0, 0], $this->holds('/table/preview', $noon));
        $this->holds('/table', $noon);
        self::assertSame([1, 1, 0], $this->holds('/table/preview', $noon), 'The same again says nothing new.');

        $stored = $this->stored();
        $this->correct($stored, ['note' => 'At home'] + $stored);
        $evening = $file(5, 'At the water', [['kind' => 'landed'] + $bite]);
        foreach (['/table/preview', '/table'] as $path) {
            self::assertSame([1, 1, 1], $this->holds($path, $evening), $path);
            $answer = json_decode($this->said(), true);
            self::assertIsArray($answer);
            $conflict = self::listAt($answer, 'conflicts', 0);
            self::assertSame(['note', 'At home', 'At the water'], [$conflict['field'], $conflict['stored'], $conflict['sent']]);
        }
        $after = $this->stored();
        self::assertSame('At home', self::textAt($after, 'note'));
        self::assertSame('landed', self::textAt($after, 'stints', 0, 'events', 0, 'kind'));
        self::assertSame([1, 1, 0], $this->holds('/table/preview', $evening));
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed> an outing as it is read, with one lure and one bite
     */
    private function fished(array $more = []): array
    {
        $bite = ['id' => self::EVENT, 'at' => self::at('09:10'), 'kind' => 'bite'];
        $stint = ['id' => self::STINT, 'events' => [$bite]] + self::stint('09:00');
        $this->send('POST', '/api/outings', ['id' => self::OUTING, 'started_at' => self::at('09:00'), 'stints' => [$stint]] + $more);
        self::assertSame(201, $this->answered(), $this->said());

        return $this->stored();
    }

    /** @return array<string, mixed> */
    private function stored(): array
    {
        self::forgetEntities();
        /** @var array<string, mixed>|null $outing */
        $outing = $this->send('GET', self::PATH);
        self::assertIsArray($outing);

        // An empty object is a list to PHP.
        return ['box' => new \stdClass()] + $outing;
    }

    /**
     * @param array<string, mixed>       $before
     * @param array<string, mixed>       $outing
     * @param list<array<string, mixed>> $answers
     *
     * @return array<string, mixed>
     */
    private function correct(array $before, array $outing, array $answers = []): array
    {
        $this->send('POST', self::PATH.'/correction', ['before' => $before, 'outing' => $outing, 'answers' => $answers]);
        self::assertSame(200, $this->answered(), $this->said());

        return $this->stored();
    }

    /** @return list<mixed> how many outings the file holds, how many of them are known, and how many of those it changes */
    private function holds(string $path, string $contents): array
    {
        self::forgetEntities();
        $holds = $this->send('POST', "/api/outings$path", ['contents' => $contents]);
        self::assertSame(200, $this->answered(), $this->said());

        return [$holds['outings'] ?? null, $holds['known'] ?? null, $holds['changed'] ?? null];
    }
}
