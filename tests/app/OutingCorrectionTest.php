<?php

declare(strict_types=1);

namespace Tests\app;

/** An outing that is corrected at home while another device notes in it, or comes back in a file. */
final class OutingCorrectionTest extends OutingTestCase
{
    private const PATH = '/api/outings/'.self::OUTING;

    public function testOneThatAnotherDeviceNotedInMeanwhileIsShownAsItIsAndNothingIsStored(): void
    {
        $before = $this->fished();
        $this->send('PUT', self::eventPath(4), ['at' => self::at('09:20'), 'kind' => 'landed']);
        $problem = $this->send('PUT', self::PATH, ['note' => 'North wind'] + $before);
        self::assertSame([409, 'stale'], [$this->answered(), self::textAt($problem, 'code')]);
        /** @var array<string, mixed> $current */
        $current = self::listAt($problem, 'current');
        self::assertSame(['bite', 'landed'], array_column(self::listAt($current, 'stints', 0, 'events'), 'kind'));
        self::assertSame('', self::textAt($this->stored(), 'note'));

        // Said of the version that is there now, it is stored.
        $after = $this->correct(['box' => new \stdClass(), 'note' => 'North wind'] + $current);
        self::assertSame('North wind', self::textAt($after, 'note'));
        self::assertSame(['bite', 'landed'], array_column(self::listAt($after, 'stints', 0, 'events'), 'kind'));
    }

    public function testTimesThatContradictOnlyTogetherAreRefused(): void
    {
        $this->fished();
        $this->send('PUT', self::eventPath(4), ['at' => self::at('10:20'), 'kind' => 'landed']);
        $now = $this->stored();
        $stints = [['ended_at' => self::at('10:00')] + self::listAt($now, 'stints', 0)];
        $problem = $this->send('PUT', self::PATH, ['stints' => $stints] + $now);
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
        $after = $this->correct(['note' => 'Calm'] + $before);
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
        $this->correct(['note' => 'At home'] + $stored);
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
     * @param array<string, mixed> $outing
     *
     * @return array<string, mixed>
     */
    private function correct(array $outing): array
    {
        $this->send('PUT', self::PATH, $outing);
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
