<?php

declare(strict_types=1);

namespace Tests\app;

use PHPUnit\Framework\Attributes\DataProvider;

/** Everything kept, out and back in. */
final class BackupTest extends ApiTestCase
{
    public function testABackupPutsEverythingBack(): void
    {
        $this->fill();
        $backup = $this->backup();
        Schema::assertValid('backup', $backup);

        $this->send('POST', '/api/waters', ['name' => 'Came later', 'tint' => 'none', 'red_crawfish' => false]);
        $this->send('PUT', '/api/settings', ['units' => 'us', 'theme' => 'noon']);
        $bin = $this->send('GET', '/api/parts');
        self::assertIsArray($bin);
        self::assertIsArray($bin['parts']);
        $this->send('POST', '/api/parts/delete', ['ids' => array_column($bin['parts'], 'id')]);
        self::assertNotSame($backup, $this->backup());

        $told = $this->send('POST', '/api/backup', $backup);
        self::assertSame(200, $this->answered(), $this->said());
        self::assertIsArray($told);
        self::assertSame([3, 4, 1], [$told['waters'] ?? 0, $told['readings'] ?? 0, $told['parts'] ?? 0]);
        self::assertSame($backup, $this->backup());
    }

    public function testWhatWasThereIsWrittenToAFileFirst(): void
    {
        $this->fill();
        $before = json_decode($this->backup(), true);
        $told = $this->send(
            'POST',
            '/api/backup',
            [
                'kontrast' => 1,
                'notebook' => ['waters' => [], 'readings' => []],
                'settings' => ['units' => 'us', 'theme' => 'paper'],
                'parts' => [],
                'swatches' => [],
            ],
        );
        self::assertIsArray($told);
        self::assertIsString($told['kept_in']);
        $file = __DIR__.'/../../var/backups/'.$told['kept_in'];
        self::assertSame($before, json_decode((string) file_get_contents($file), true));
        unlink($file);
        $bin = $this->send('GET', '/api/parts');
        self::assertSame([], $bin['parts'] ?? null);
    }

    public function testWhatIsReadPieceByPieceIsAllThere(): void
    {
        $this->send('POST', '/api/parts', array_map(
            static fn (int $i): array => ['name' => \sprintf('Head %04d', $i)] + Samples::head(),
            range(1, 1100),
        ));
        self::assertSame(201, $this->answered(), $this->said());
        $backup = $this->backup();
        $this->send('POST', '/api/backup', $backup);
        self::assertSame($backup, $this->backup());
        $read = json_decode($backup, true);
        self::assertIsArray($read);
        self::assertIsArray($parts = $read['parts'] ?? null);
        self::assertSame(array_map(static fn (int $i): string => \sprintf('Head %04d', $i), range(1, 1100)), array_column($parts, 'name'));
    }

    /** A part of shape 1 held what has columns of its own since; the step that a migration takes is taken by a restore too. */
    public function testDocumentsOfAnOlderShapeAreBroughtUpToDate(): void
    {
        $this->fill();
        $backup = $this->backup();
        self::assertStringContainsString('"part":2', $backup);
        $mark = static fn (string $json): string => str_replace(
            '"parts":[{',
            '"parts":[{"low_at":7,',
            (string) preg_replace('/"low_at":[^,]*,/', '', $json),
        );
        $this->send('POST', '/api/backup', str_replace('"part":2', '"part":1', $mark($backup)));
        self::assertSame(200, $this->answered(), $this->said());
        self::assertStringNotContainsString('"low_at":7', $this->backup());

        $this->send('POST', '/api/backup', $mark($backup));
        self::assertStringContainsString('"low_at":7', $this->backup());
    }

    public function testAFileOfANewerVersionIsRefused(): void
    {
        $this->fill();
        $backup = $this->backup();
        $newer = json_decode((string) preg_replace('/"outing":\d+/', '"outing":99', $backup));
        self::assertInstanceOf(\stdClass::class, $newer);
        $this->send('POST', '/api/backup', $newer);
        self::assertSame(['notebook.shapes.outing'], array_keys($this->faults()));
        $this->send('POST', '/api/logbook', $newer->notebook);
        self::assertSame(['shapes.outing'], array_keys($this->faults()));
        self::assertSame($backup, $this->backup());
    }

    public function testHalfABackupChangesNothing(): void
    {
        $this->fill();
        $backup = $this->backup();
        $this->send('POST', '/api/backup', substr($backup, 0, (int) (\strlen($backup) / 2)));
        self::assertSame(422, $this->answered());
        $this->send('POST', '/api/backup', ['kontrast' => 2]);
        self::assertSame(422, $this->answered());
        $broken = json_decode($backup, true);
        self::assertIsArray($broken);
        $broken['parts'] = [['kind' => 'trailer', 'name' => 'x', 'colour' => 'plaid', 'style' => 'craw', 'length_in' => 3]];
        $this->send('POST', '/api/backup', $broken);
        self::assertArrayHasKey('parts[0].colour', $this->faults());
        self::assertSame($backup, $this->backup());
    }

    /** @param array<string, mixed> $spoilt fields of the backup that are put in the place of the right ones */
    #[DataProvider('spoilt')]
    public function testABackupIsCheckedLikeAnyRequest(array $spoilt, string $field): void
    {
        $this->fill();
        $parts = $this->send('POST', '/api/parts', [Samples::head(), Samples::skirt()]);
        $build = ['lure' => 'jig', 'head' => $parts[0] ?? [], 'skirt' => $parts[1] ?? []];
        $this->send('POST', '/api/built', ['items' => [['name' => 'One', 'build' => $build, 'count' => 1]]]);
        self::assertSame(201, $this->answered());
        $before = $this->backup();
        $backup = json_decode($before, true);
        self::assertIsArray($backup);
        $this->send('POST', '/api/backup', array_replace_recursive($backup, $spoilt));
        self::assertSame(422, $this->answered(), $this->said());
        $fields = array_keys($this->faults());
        self::assertNotSame([], preg_grep('/^'.preg_quote($field, '/').'/', $fields), implode(', ', $fields));
        self::assertSame($before, $this->backup());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function spoilt(): iterable
    {
        yield 'settings that are a word' => [['settings' => 'x'], 'settings'];
        yield 'a logbook that is a word' => [['notebook' => 'x'], 'notebook'];
        yield 'fewer than no parts drawn' => [['made' => [['drawn' => ['00000000-0000-7000-8000-000000000000' => -50]]]], 'made[0].drawn'];
        yield 'a reading beyond the calendar' => [
            ['notebook' => ['readings' => [['taken_at' => '9999-12-31T23:59:59-12:00']]]],
            'notebook.readings[0].taken_at',
        ];
    }

    private function fill(): void
    {
        $this->send('POST', '/api/logbook', (string) file_get_contents(__DIR__.'/../../demo/logbook.json'));
        $part = ['kind' => 'trailer', 'name' => 'Craw', 'colour' => 'black', 'style' => 'craw', 'length_in' => 3.5];
        $this->send('POST', '/api/parts', [$part]);
        $this->send(
            'POST',
            '/api/builds',
            [
                'name' => 'Mine',
                'build' => [
                    'lure' => 'jig',
                    'head' => ['kind' => 'head', 'name' => 'h', 'weight_oz' => 0.375, 'colour' => 'black', 'lures' => ['jig']],
                    'trailer' => $part,
                ],
            ],
        );
        $this->send('POST', '/api/swatches', ['contents' => "GIMP Palette\n1 2 3 Ink\n"]);
        $this->send('PUT', '/api/settings', ['units' => 'metric', 'theme' => 'lamp']);
    }

    private function backup(): string
    {
        $this->browser->request('GET', '/api/backup');

        return $this->said();
    }
}
