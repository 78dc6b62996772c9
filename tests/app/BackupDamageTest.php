<?php

declare(strict_types=1);

namespace Tests\app;

use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\DataProvider;

/** Whatever a backup gives, a restore takes, also where something that is stored cannot be read; and nothing else is lost by it. */
final class BackupDamageTest extends ApiTestCase
{
    private const WATER = '0193a000-0000-7000-8000-00000000aa01';
    private const OUTING = '0193a000-0000-7000-8000-00000000aa02';
    /** Lists by the table that what they hold is stored in. */
    private const LISTS = [
        'saved_reading' => '/api/readings', 'saved_build' => '/api/builds', 'trip' => '/api/trips', 'outing' => '/api/outings',
        'trial' => '/api/trials', 'inventory_part' => '/api/parts', 'water' => '/api/waters',
    ];

    /** @param array<string, string> $damages by what is wrong with them */
    #[DataProvider('damages')]
    public function testABackupOfADamagedDatabaseCanBeRestored(string $table, string $column, array $damages): void
    {
        $this->fill();
        $before = $this->lists();
        $whole = $this->backUp();
        foreach ($damages as $how => $damage) {
            $database = self::getContainer()->get(Connection::class);
            self::assertInstanceOf(Connection::class, $database);
            self::assertGreaterThan(0, $database->executeStatement("UPDATE $table SET $column = ?", [$damage]));
            self::forgetEntities();
            $backup = $this->backUp();
            if ('document' === $column && 'handed_back' !== $table) {
                $attention = $this->send('GET', '/api/attention');
                self::assertContains($damage, array_column($attention ?? [], 'document'), 'What cannot be read is told as it is.');
            }
            $this->takeBack($backup);
            foreach ($this->lists() as $damaged => $found) {
                // A stint and an event are read with their outing.
                $isHit = $damaged === $table || ('outing' === $damaged && \in_array($table, ['stint', 'outing_event'], true));
                if (!$isHit) {
                    self::assertSame($before[$damaged], $found, "$damaged, $how");
                }
            }
            $this->backUp();
            $this->takeBack($whole);
        }
    }

    /** @return iterable<string, array{string, string, array<string, string>}> */
    public static function damages(): iterable
    {
        $documents = [
            'inventory_part', 'saved_reading', 'current_reading', 'settings', 'saved_build', 'workbench', 'trip', 'outing', 'stint',
            'trial',
        ];
        foreach ($documents as $table) {
            yield $table => [$table, 'document', ['no JSON' => '{"lure": "ji', 'a list' => '[]', 'something else' => '{"other": 1}']];
        }
        foreach (['stint' => 'levels', 'outing_event' => 'details', 'handed_back' => 'document'] as $table => $column) {
            yield "$table.$column" => [$table, $column, ['no JSON' => '{"cut off']];
        }
        yield 'outing_event.taken' => ['outing_event', 'taken', ['no JSON' => '{"cut off']];
    }

    private function backUp(): string
    {
        $this->send('GET', '/api/backup');
        $backup = $this->said();
        self::assertSame(200, $this->answered(), $backup);

        return $backup;
    }

    private function takeBack(string $backup): void
    {
        $this->send('POST', '/api/backup', $backup);
        self::assertSame(200, $this->answered(), $this->said());
        self::forgetEntities();
    }

    private function fill(): void
    {
        $build = Samples::build();
        $at = static fn (string $time): string => "2026-05-09T$time:00Z";
        $trial = ['a' => $build, 'b' => ['trailer' => null] + $build, 'block_min' => 20];
        $trip = json_decode((string) file_get_contents(__DIR__.'/../../docs/examples/trip-tamarack.json'), true);
        foreach ([
            ['POST', '/api/waters', ['id' => self::WATER] + Samples::water()],
            ['POST', '/api/readings', ['reading' => Samples::reading(), 'water_id' => self::WATER]],
            ['PUT', '/api/current-reading', ['reading' => Samples::reading()]],
            ['PUT', '/api/settings', ['units' => 'metric', 'theme' => 'lamp']],
            ['POST', '/api/parts', [Samples::head(), Samples::skirt(), Samples::craw()]],
            ['POST', '/api/builds', ['name' => 'Plain', 'build' => $build]],
            ['PATCH', '/api/workbench', ['build' => $build]],
            ['POST', '/api/trips', ['name' => 'Saturday', 'trip' => $trip]],
            ['POST', '/api/trials', ['name' => 'One or the other', 'trial' => $trial]],
            ['POST', '/api/outings', ['id' => self::OUTING, 'started_at' => $at('09:00'), 'water_id' => self::WATER, 'stints' => [[
                'started_at' => $at('09:00'), 'build' => $build, 'reading' => Samples::reading(),
                'events' => [['at' => $at('09:10'), 'kind' => 'landed', 'length_in' => 15]],
            ]]]],
        ] as [$method, $address, $document]) {
            $this->send($method, $address, $document);
            self::assertLessThan(300, $this->answered(), "$address ".$this->said());
        }
        $database = self::getContainer()->get(Connection::class);
        self::assertInstanceOf(Connection::class, $database);
        $database->insert('handed_back', ['outing' => self::OUTING, 'version' => 1, 'document' => '{}']);
    }

    /** @return array<string, string> what a client reads of each list, by table */
    private function lists(): array
    {
        self::forgetEntities();

        return array_map(function (string $list): string {
            $this->send('GET', $list);
            self::assertSame(200, $this->answered(), $list.' '.$this->said());

            // How often each was written is not what it is.
            return preg_replace('/"(version|notes)":\d+/', '"$1":0', $this->said()) ?? '';
        }, self::LISTS);
    }
}
