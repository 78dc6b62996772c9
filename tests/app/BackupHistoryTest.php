<?php

declare(strict_types=1);

namespace Tests\app;

use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whatever was done before, a backup put into an empty program makes the same program, with what can still be undone. */
final class BackupHistoryTest extends ApiTestCase
{
    private const STEPS = 40;
    private const LISTS = [
        '/api/parts', '/api/readings', '/api/waters', '/api/builds', '/api/built', '/api/current-reading', '/api/settings', '/api/trips',
        '/api/outings', '/api/trials', '/api/workbench',
    ];
    private const DAMAGED = [
        'saved_reading', 'saved_build', 'trip', 'outing', 'stint', 'trial', 'inventory_part', 'current_reading', 'settings', 'workbench',
    ];
    private const DAMAGES = ['{"cut off', '[]', '{}', '{"lure": "boat"}', 'null', '{"build": {"head": 7}}'];

    /** @var array<string, list<string>> ids by list, deleted ones among them */
    private array $ids = [];

    #[DataProvider('seeds')]
    public function testBackUpWipeRestoreIsTheSameProgram(int $seed): void
    {
        $dice = new Randomizer(new Mt19937($seed));
        for ($i = 0; $i < self::STEPS; ++$i) {
            $this->step($dice);
        }
        [$backup, $seen] = [$this->backup(), $this->everything()];
        $this->wipe();
        self::assertNotSame($seen, $this->everything());
        $this->send('POST', '/api/backup', $backup);
        self::assertSame(200, $this->answered(), $this->said());
        self::assertSame($seen, $this->everything());
        self::assertSame($backup, $this->backup());
        $this->restoreAll();
        $afterwards = $this->everything();
        // The same could have been brought back without the detour.
        $this->wipe();
        $this->send('POST', '/api/backup', $backup);
        $this->restoreAll();
        self::assertSame($afterwards, $this->everything());
    }

    /** Whatever GET gives, POST takes, whatever was done and damaged before. */
    #[DataProvider('seeds')]
    public function testABackupOfADamagedHistoryIsTaken(int $seed): void
    {
        $dice = new Randomizer(new Mt19937(100 + $seed));
        $database = self::getContainer()->get(Connection::class);
        self::assertInstanceOf(Connection::class, $database);
        $damaged = 0;
        for ($i = 0; $i < self::STEPS; ++$i) {
            $this->step($dice);
            if (0 === $i % 5) {
                [$table] = $dice->shuffleArray(self::DAMAGED);
                [$damage] = $dice->shuffleArray(self::DAMAGES);
                $damaged += (int) $database->executeStatement(
                    "UPDATE $table SET document = ? WHERE rowid = (SELECT rowid FROM $table ORDER BY random() LIMIT 1)",
                    [$damage],
                );
                self::forgetEntities();
            }
        }
        self::assertGreaterThan(0, $damaged);
        $backup = $this->backup();
        self::assertSame(200, $this->answered(), $backup);
        $this->send('POST', '/api/backup', $backup);
        self::assertSame(200, $this->answered(), $this->said());
        self::forgetEntities();
        [$before, $after] = [(array) json_decode($backup, true), (array) json_decode($this->backup(), true)];
        $raw = static fn (array $all): array => array_column((array) $all['unreadable'], 'document');
        self::assertEqualsCanonicalizing($raw($before), $raw($after), 'What cannot be read is there as it was.');
        unset($before['unreadable'], $after['unreadable']);
        self::assertSame(self::withoutVersions($before), self::withoutVersions($after), 'Nothing is lost by it, and nothing made up.');
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 6; ++$seed) {
            yield "history $seed" => [$seed];
        }
    }

    private function step(Randomizer $dice): void
    {
        $one = fn (string $list): string => $this->ids[$list][$dice->getInt(0, max(0, \count($this->ids[$list] ?? []) - 1))] ?? 'none';
        $name = 'Name '.$dice->getInt(1, 99_999);
        match ($dice->getInt(0, 21)) {
            0 => $this->make('/api/waters', ['name' => $name] + Samples::water()),
            1 => $this->make(
                '/api/readings',
                ['reading' => Samples::reading(), 'water_id' => $this->ids['/api/waters'][0] ?? null, 'note' => $name],
            ),
            2 => $this->make('/api/parts', [['name' => $name, 'count' => 9, 'cost' => 0.35] + Samples::head()]),
            3 => $this->make('/api/parts', [['name' => $name, 'count' => 9] + Samples::skirt()]),
            4 => $this->make('/api/parts', [['name' => $name, 'count' => 9] + Samples::craw()]),
            5 => $this->make('/api/builds', ['name' => $name, 'build' => Samples::build()]),
            6, 7 => $this->build($name),
            8 => $this->send('POST', "/api/built/{$one('/api/built')}/undo"),
            9 => $this->send('DELETE', "/api/waters/{$one('/api/waters')}"),
            10 => $this->send('DELETE', "/api/readings/{$one('/api/readings')}"),
            11 => $this->send('DELETE', "/api/builds/{$one('/api/builds')}"),
            12 => $this->send('POST', '/api/parts/delete', ['ids' => [$one('/api/parts')]]),
            13 => $this->send('PUT', '/api/current-reading', ['reading' => ['visibility_in' => $dice->getInt(4, 60)] + Samples::reading()]),
            15 => $this->make('/api/trips', ['name' => $name, 'water_id' => $this->ids['/api/waters'][0] ?? null, 'trip' => self::trip()]),
            16 => $this->send('DELETE', "/api/trips/{$one('/api/trips')}"),
            17 => $this->make('/api/outings', ['started_at' => '2026-05-09T09:00:00Z', 'stints' => [[
                'started_at' => '2026-05-09T09:00:00Z', 'build' => Samples::build(), 'reading' => Samples::reading(),
                'events' => [['at' => '2026-05-09T09:10:00Z', 'kind' => 'landed', 'note' => $name]],
            ]]]),
            18 => $this->send('DELETE', "/api/outings/{$one('/api/outings')}"),
            19 => $this->send('POST', '/api/trials', ['name' => $name, 'trial' => [
                'a' => Samples::build(), 'b' => ['trailer' => null] + Samples::build(), 'block_min' => 20,
            ]]),
            // The bench takes a part by its id, and the part may become another.
            20 => $this->send('PATCH', '/api/workbench', ['build' => ['head' => ['id' => $this->ids['/api/parts'][0] ?? null]
                + Samples::head()] + Samples::build()]),
            21 => $this->send('PUT', "/api/parts/{$one('/api/parts')}", ['name' => $name] + Samples::skirt(), ['HTTP_IF_MATCH' => '*']),
            14 => $this->send('PUT', '/api/settings', ['units' => 'metric', 'theme' => 'lamp', 'lead_free' => $dice->getInt(0, 1) > 0]),
        };
        self::assertLessThan(500, $this->answered());
    }

    private function make(string $list, mixed $document): void
    {
        $made = $this->send('POST', $list, $document);
        if (201 === $this->answered()) {
            $this->ids[$list][] = self::textAt(array_is_list($made ?? []) ? (array) ($made[0] ?? []) : $made, 'id');
        }
    }

    /** A batch of whatever parts there are, deleted later or not. */
    private function build(string $name): void
    {
        $build = Samples::build();
        foreach ((array) ($this->send('GET', '/api/parts')['parts'] ?? []) as $part) {
            if (\is_array($part) && \is_string($part['kind'] ?? null) && isset($build[$part['kind']])) {
                $build[$part['kind']] = $part;
            }
        }
        $this->make('/api/built', ['items' => [['name' => $name, 'build' => $build, 'count' => 1]]]);
    }

    private function restoreAll(): void
    {
        foreach (['/api/waters', '/api/readings', '/api/builds', '/api/trips', '/api/outings'] as $list) {
            foreach ($this->ids[$list] ?? [] as $id) {
                $this->send('POST', "$list/$id/restore");
            }
        }
        $this->send('POST', '/api/parts/restore', ['ids' => $this->ids['/api/parts'] ?? []]);
        foreach ($this->ids['/api/built'] ?? [] as $id) {
            $this->send('POST', "/api/built/$id/undo");
        }
    }

    /** @return array<mixed> */
    private static function trip(): array
    {
        return (array) json_decode((string) file_get_contents(__DIR__.'/../../docs/examples/trip-tamarack.json'), true);
    }

    private function backup(): string
    {
        $this->send('GET', '/api/backup');

        return $this->said();
    }

    /** @return array<string, array<mixed>|null> every list as a client reads it, but for how often a thing was written */
    private function everything(): array
    {
        $answers = [];
        foreach (self::LISTS as $list) {
            $answers[$list] = self::withoutVersions($this->send('GET', $list));
        }

        return $answers;
    }

    /**
     * @param array<mixed>|null $answer
     *
     * @return array<mixed>|null
     */
    private static function withoutVersions(?array $answer): ?array
    {
        return null === $answer ? null : array_map(
            static fn (mixed $value): mixed => \is_array($value) ? self::withoutVersions($value) : $value,
            array_diff_key($answer, ['version' => 0]),
        );
    }

    private function wipe(): void
    {
        $database = self::getContainer()->get(Connection::class);
        self::assertInstanceOf(Connection::class, $database);
        $tables = [
            'handed_back', 'outing_event', 'stint', 'outing', 'trial', 'trip', 'workbench', 'set_aside',
            'built_record_part', 'built_record', 'saved_reading', 'saved_build', 'water', 'inventory_part', 'current_reading',
            'settings', 'swatch',
        ];
        foreach ($tables as $table) {
            $database->executeStatement("DELETE FROM $table");
        }
        self::forgetEntities();
    }
}
