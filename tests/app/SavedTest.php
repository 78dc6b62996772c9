<?php

declare(strict_types=1);

namespace Tests\app;

use Doctrine\DBAL\Connection;

/** Waters, readings, the current reading and the settings are saved, and nothing saved is ever lost. */
final class SavedTest extends ApiTestCase
{
    private const WATER = ['name' => 'Tamarack flowage', 'tint' => 'tannic', 'red_crawfish' => false, 'forage' => 'bluegill', 'note' => ''];

    public function testBeforeTheFirstReadingThereIsNone(): void
    {
        self::assertNull($this->send('GET', '/api/current-reading'));
        self::assertSame(200, $this->answered());
    }

    public function testTheLastReadingIsWhereYouStart(): void
    {
        $this->send('PUT', '/api/current-reading', ['reading' => self::reading()]);
        self::assertSame(204, $this->answered());
        $this->send('PUT', '/api/current-reading', ['reading' => ['visibility_in' => 9] + self::reading()]);
        $current = $this->send('GET', '/api/current-reading');
        self::assertIsArray($current);
        self::assertIsArray($current['reading']);
        self::assertEquals(9, $current['reading']['visibility_in']);
    }

    public function testOnlyTheSchoolsChosenAreKeptSoThatStandingOnesShowThrough(): void
    {
        $this->send('PUT', '/api/current-reading', ['reading' => ['schools' => ['finish' => 'sun']] + self::reading()]);
        $current = $this->send('GET', '/api/current-reading');
        self::assertIsArray($current);
        self::assertIsArray($current['reading']);
        self::assertSame(['finish' => 'sun'], $current['reading']['schools']);
    }

    public function testABadReadingLeavesTheOneBeforeAsItWas(): void
    {
        $this->send('PUT', '/api/current-reading', ['reading' => self::reading()]);
        $this->send('PUT', '/api/current-reading', ['reading' => ['tint' => 'mauve'] + self::reading()]);
        self::assertSame(422, $this->answered());
        self::assertArrayHasKey('reading.tint', $this->faults());
        $current = $this->send('GET', '/api/current-reading');
        self::assertIsArray($current);
        self::assertIsArray($current['reading']);
        self::assertSame('green', $current['reading']['tint']);
    }

    public function testAWaterIsAddedChangedDeletedAndRestored(): void
    {
        $water = $this->send('POST', '/api/waters', self::WATER);
        self::assertSame(201, $this->answered());
        self::assertIsArray($water);
        self::assertIsString($water['id']);
        $path = '/api/waters/'.$water['id'];

        $this->send('PUT', $path, ['name' => 'Upper flowage'] + self::WATER);
        self::assertSame(['Upper flowage'], array_column($this->send('GET', '/api/waters') ?? [], 'name'));
        $this->send('DELETE', $path);
        self::assertSame(204, $this->answered());
        self::assertSame([], $this->send('GET', '/api/waters'));
        $this->send('POST', $path.'/restore');
        self::assertSame(['Upper flowage'], array_column($this->send('GET', '/api/waters') ?? [], 'name'));
    }

    public function testAWaterWithoutANameIsToldSo(): void
    {
        $this->send('POST', '/api/waters', ['name' => '  '] + self::WATER);
        self::assertSame(422, $this->answered());
        self::assertSame('A water needs a name.', $this->faults()['name']);
        self::assertSame([], $this->send('GET', '/api/waters'));
    }

    public function testAReadingIsPutAwayAtAWaterAndStaysWhenItIsDeleted(): void
    {
        $water = $this->send('POST', '/api/waters', self::WATER);
        self::assertIsArray($water);
        self::assertIsString($water['id']);
        $kept = $this->send('POST', '/api/readings', ['reading' => self::reading(), 'water_id' => $water['id'], 'note' => 'dusk']);
        self::assertSame(201, $this->answered());
        self::assertIsArray($kept);
        self::assertIsString($kept['id']);
        $this->send('DELETE', '/api/waters/'.$water['id']);
        self::assertSame(['dusk'], array_column($this->send('GET', '/api/readings') ?? [], 'note'));
        $this->send('DELETE', '/api/readings/'.$kept['id']);
        self::assertSame([], $this->send('GET', '/api/readings'));
        $this->send('POST', '/api/readings/'.$kept['id'].'/restore');
        self::assertSame(['dusk'], array_column($this->send('GET', '/api/readings') ?? [], 'note'));
    }

    public function testAReadingAtAWaterThatIsNotThereIsRefused(): void
    {
        $this->send('POST', '/api/readings', ['reading' => self::reading(), 'water_id' => '0193a000-0000-7000-8000-00000000dead']);
        self::assertSame(422, $this->answered());
        self::assertSame('There is no water with this id.', $this->faults()['water_id']);
    }

    public function testATimeTakenElsewhereIsTheSameMoment(): void
    {
        $this->send('POST', '/api/readings', ['reading' => self::reading(), 'taken_at' => '2026-07-04T21:30:00-05:00']);
        self::assertSame(201, $this->answered());
        self::assertSame(['2026-07-05T02:30:00+00:00'], array_column($this->send('GET', '/api/readings') ?? [], 'taken_at'));
    }

    public function testADateThatIsNoneIsToldSo(): void
    {
        $this->send('POST', '/api/readings', ['reading' => self::reading(), 'taken_at' => 'last week']);
        self::assertSame(422, $this->answered());
        self::assertStringContainsString('This must be a date and time', $this->faults()['taken_at']);
    }

    public function testWhatIsNotThereCannotBeDeleted(): void
    {
        $this->send('DELETE', '/api/readings/0193a000-0000-7000-8000-00000000dead');
        self::assertSame(404, $this->answered());
        self::assertStringContainsString('There is no reading with this id.', $this->said());
    }

    public function testSettingsAreKept(): void
    {
        self::assertSame('us', $this->send('GET', '/api/settings')['units'] ?? null);
        $this->send(
            'PUT',
            '/api/settings',
            ['units' => 'metric', 'theme' => 'lamp', 'lead_free' => true, 'schools' => ['dirty' => 'bright']],
        );
        self::assertSame(204, $this->answered());
        self::assertSame(
            [
                'units' => 'metric', 'theme' => 'lamp', 'lead_free' => true, 'currency' => 'USD', 'shortcuts' => true,
                'schools' => ['dirty' => 'bright'],
            ],
            $this->send('GET', '/api/settings'),
        );
    }

    public function testANotebookTakenInTwiceKeepsWhatWasChangedInBetween(): void
    {
        $notebook = json_decode((string) file_get_contents(__DIR__.'/../../demo/logbook.json'), true);
        $added = $this->send('POST', '/api/logbook', $notebook);
        $counts = ['waters' => 3, 'readings' => 4, 'builds' => 3, 'trips' => 2, 'outings' => 0, 'trials' => 0, 'names' => 0];
        self::assertEquals($counts, $added);
        $this->send('PUT', '/api/waters/0193a000-0000-7000-8000-000000000003', ['name' => 'The old pit'] + self::WATER);
        $this->send('DELETE', '/api/readings/0193a000-0000-7000-8000-000000000011');
        $this->send('PUT', '/api/current-reading', ['reading' => ['visibility_in' => 3] + self::reading()]);
        $again = $this->send('POST', '/api/logbook', $notebook);
        $counts = ['waters' => 0, 'readings' => 0, 'builds' => 0, 'trips' => 0, 'outings' => 0, 'trials' => 0, 'names' => 0];
        self::assertEquals($counts, $again);
        self::assertContains('The old pit', array_column($this->send('GET', '/api/waters') ?? [], 'name'));
        self::assertCount(3, $this->send('GET', '/api/readings') ?? []);
        $current = $this->send('GET', '/api/current-reading');
        self::assertIsArray($current);
        self::assertIsArray($current['reading']);
        self::assertEquals(3, $current['reading']['visibility_in']);
    }

    public function testANotebookWithOneBadLineIsNotTakenInAtAll(): void
    {
        $this->send('POST', '/api/logbook', [
            'waters' => [['id' => '0193a000-0000-7000-8000-0000000000aa'] + self::WATER],
            'readings' => [['reading' => self::reading(), 'water_id' => '0193a000-0000-7000-8000-00000000dead']],
        ]);
        self::assertSame(422, $this->answered());
        self::assertSame([], $this->send('GET', '/api/waters'));
    }

    public function testWhatIsCarriedAwayCanBeTakenIn(): void
    {
        $notebook = json_decode((string) file_get_contents(__DIR__.'/../../demo/logbook.json'), true);
        $this->send('POST', '/api/logbook', $notebook);
        $this->browser->request('GET', '/api/logbook');
        Schema::assertValid('logbook', $this->said());
    }

    public function testTheStoreWaitsForOthersWritesAheadAndMindsItsKeys(): void
    {
        $connection = self::getContainer()->get(Connection::class);
        self::assertInstanceOf(Connection::class, $connection);
        self::assertSame('wal', $connection->fetchOne('PRAGMA journal_mode'));
        self::assertEquals(1, $connection->fetchOne('PRAGMA foreign_keys'));
        self::assertEquals(5000, $connection->fetchOne('PRAGMA busy_timeout'));
    }
}
