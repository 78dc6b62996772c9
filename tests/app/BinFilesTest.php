<?php

declare(strict_types=1);

namespace Tests\app;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Format\GimpPalette;
use App\Format\PartsTable;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/**
 * The bin in and out as files.
 *
 * @phpstan-type Planned array{
 *     line: int, action: string, name: string, fields: list<string>, faults: list<array{field: string, message: string}>
 * }
 */
final class BinFilesTest extends ApiTestCase
{
    private const HEADING = 'kind,name,count,colour,style,length_in,id';
    private const ID = '0193a000-0000-7000-9000-00000000beef';

    public function testAPreviewTellsLineByLineAndWritesNothing(): void
    {
        $this->import(self::HEADING."\ntrailer,There,2,black,craw,3.5,".self::ID);
        $plan = $this->preview(self::HEADING."\ntrailer,New,1,white,craw,3,\ntrailer,There,5,black,craw,3.5,".self::ID
            ."\n\ntrailer,Bad,1,plaid,craw,3,\n");
        self::assertSame(
            [[2, 'add', 'New', []], [3, 'change', 'There', ['count']], [5, 'refuse', 'Bad', []]],
            array_map(static fn (array $row): array => [$row['line'], $row['action'], $row['name'], $row['fields']], $plan),
        );
        self::assertSame(['There' => 2], $this->counts());
    }

    public function testAnImportIsAllOrNothingWithLineNumbers(): void
    {
        $answer = $this->import(self::HEADING."\ntrailer,Good,1,white,craw,3,\ntrailer,Bad,x,plaid,craw,3,");
        self::assertStringContainsString('line 3 count', $answer);
        self::assertStringContainsString('line 3 colour', $answer);
        self::assertSame([], $this->counts());
    }

    public function testAnImportTellsItsProgressAndWhatItDid(): void
    {
        $lines = implode("\n", array_map(static fn (int $i): string => "trailer,Craw $i,$i,black,craw,3.5,", range(1, 600)));
        $told = array_map(
            static fn (string $line): mixed => json_decode($line, true),
            explode("\n", trim($this->import(self::HEADING."\n$lines"))),
        );
        self::assertSame(
            [
                ['done' => 250, 'of' => 600],
                ['done' => 500, 'of' => 600],
                ['done' => 600, 'of' => 600],
                ['added' => 600, 'changed' => 0, 'same' => 0],
            ],
            $told,
        );
        self::assertCount(600, $this->counts());
    }

    public function testWhatGoesOutComesBackTheSame(): void
    {
        $csv = (string) file_get_contents(__DIR__.'/../../demo/parts.csv');
        $this->import($csv);
        $before = $this->send('GET', '/api/parts');
        $this->browser->request('GET', '/api/parts.csv');
        $out = $this->said();
        self::assertSame(['same'], array_values(array_unique(array_column($this->preview($out), 'action'))));
        $this->browser->request('GET', '/api/parts.json');
        $json = $this->said();
        Schema::assertValid('parts', $json);
        self::assertSame(['same'], array_values(array_unique(array_column($this->preview($json), 'action'))));
        $this->import($out);
        self::assertSame($before, $this->send('GET', '/api/parts'));
    }

    /** Thirds, apostrophes, spaces, quotation marks, what looks like a formula: nothing is changed on the way out and in. */
    public function testNothingIsChangedOnTheWay(): void
    {
        $this->send('POST', '/api/parts', self::awkward());
        self::assertSame(201, $this->answered());
        $before = $this->send('GET', '/api/parts');
        $this->browser->request('GET', '/api/parts.csv');
        $csv = $this->said();
        self::assertSame(['same'], array_values(array_unique(array_column($this->preview($csv), 'action'))));
        // Into an empty inventory, so that every field has to come from the file.
        $this->send('POST', '/api/parts/delete', ['ids' => array_column(self::partsOf($before), 'id')]);
        $this->import($csv);
        $byName = static function (?array $answer): array {
            $parts = [];
            foreach (self::partsOf($answer) as $part) {
                $parts[self::textAt($part, 'name')] = array_diff_key($part, ['version' => 0]);
            }

            return $parts;
        };
        self::assertEquals($byName($before), $byName($this->send('GET', '/api/parts')));
    }

    /** The same through a spreadsheet program, as a user would: opened, saved as CSV. */
    public function testNothingIsChangedByASpreadsheet(): void
    {
        $office = trim((string) shell_exec('command -v soffice'));
        if ('' === $office) {
            self::markTestSkipped('Only where LibreOffice is installed.');
        }
        $this->send('POST', '/api/parts', self::awkward());
        $this->browser->request('GET', '/api/parts.csv');
        $folder = sys_get_temp_dir().'/kontrast-office-'.bin2hex(random_bytes(4));
        mkdir("$folder/in", 0o777, true);
        file_put_contents("$folder/in/parts.csv", $this->said());
        // Comma, quotation mark, UTF-8; as the dialogue proposes it.
        foreach (['ods' => "$folder/in/parts.csv", 'csv:Text - txt - csv (StarCalc):44,34,76' => "$folder/out/parts.ods"] as $to => $file) {
            $options = ['--headless', '--infilter=CSV:44,34,76', '--convert-to', $to, '--outdir', "$folder/out"];
            (new Process([$office, "-env:UserInstallation=file://$folder/profile", ...$options, $file]))
                ->setTimeout(180)->mustRun();
        }
        $csv = (string) file_get_contents("$folder/out/parts.csv");
        (new Filesystem())->remove($folder);
        $lines = array_values(array_filter($this->preview($csv), static fn (array $line): bool => 'same' !== $line['action']));
        self::assertSame([], $lines, $csv);
    }

    /** @return list<array<string, mixed>> */
    private static function awkward(): array
    {
        $parts = [];
        foreach ([
            "'quoted'", "'=1+1", '=1+1', "''=x", '-2', '+3', '@home', ' leading', 'trailing ', 'a, b; "c"', "it's", '1/2', '0012',
            'TRUE', '1e5',
        ] as $name) {
            $parts[] = ['name' => $name, 'note' => $name, 'weight_oz' => 1 / 3, 'cost' => 0.1] + Samples::head();
        }

        return [...$parts, ['length_in' => 3.1415926535897931, 'name' => 'Pi'] + Samples::craw()];
    }

    /**
     * @param array<mixed>|null $answer
     *
     * @return list<array<string, mixed>>
     */
    private static function partsOf(?array $answer): array
    {
        /** @var list<array<string, mixed>> $parts */
        $parts = $answer['parts'] ?? [];

        return $parts;
    }

    /** RFC 4180 quoting, and the common defence against formulas: an apostrophe before what begins one. */
    public function testNoCellRunsAsAFormula(): void
    {
        $name = '=HYPERLINK("x";"y")';
        $csv = PartsTable::write([['kind' => 'trailer', 'name' => $name, 'note' => '+cmd, "quoted"', 'count' => 1]]);
        self::assertStringNotContainsString(',=', $csv);
        $row = self::rows($csv)[0];
        self::assertSame([], $row['faults']);
        self::assertSame([$name, '+cmd, "quoted"'], [$row['data']['name'], $row['data']['note']]);
        self::assertStringContainsString('formula', $this->preview("kind,name\ntrailer,=1+1\n")[0]['faults'][0]['message'] ?? '');
    }

    public function testACommonSpreadsheetsWayOfWritingIsRead(): void
    {
        $rows = self::rows("\u{FEFF}Kind;Name;weight_oz;cost;lures\r\nhead;\"Jig; black\";3/8;0,45;jig "
            ."swim_jig\r\nhead;Heavy;1-1/4;1,2;jig\r\n");
        self::assertSame(
            ['kind' => 'head', 'name' => 'Jig; black', 'weight_oz' => 0.375, 'cost' => 0.45, 'lures' => ['jig', 'swim_jig']],
            $rows[0]['data'],
        );
        self::assertSame(1.25, $rows[1]['data']['weight_oz']);
        $utf16 = mb_convert_encoding("\u{FEFF}kind\tname\nskirt\tGrün\n", 'UTF-16LE', 'UTF-8');
        self::assertSame('Grün', self::rows($utf16)[0]['data']['name']);
    }

    public function testLinesAreCountedThroughCellsWithLineBreaks(): void
    {
        $rows = self::rows("kind,name,note\nskirt,A,\"two\nlines\"\nskirt,B,one\n");
        self::assertSame([2, 4], array_column($rows, 'line'));
    }

    #[DataProvider('broken')]
    public function testABrokenFileIsRefusedWithASentence(string $csv, string $says): void
    {
        $answer = $this->send('POST', '/api/parts/preview', ['contents' => $csv]);
        $text = (string) json_encode($answer, \JSON_UNESCAPED_UNICODE);
        self::assertStringContainsString($says, $text);
        self::assertSame([], $this->counts());
    }

    /** @return iterable<string, array{string, string}> */
    public static function broken(): iterable
    {
        yield 'nothing' => ['', 'empty'];
        yield 'no heading' => ["trailer,Black craw\n", 'Unknown column'];
        yield 'a heading without names' => ["kind,colour\n", 'missing from the first line'];
        yield 'a column twice' => ["kind,name,name\n", 'twice'];
        yield 'half a file' => [self::HEADING."\ntrailer,Cut off,1,bla", 'cut off'];
        yield 'an open quotation mark' => [
            self::HEADING."\ntrailer,\"Open,1,black,craw,3,\ntrailer,Next,1,black,craw,3,",
            'quotation mark',
        ];
        yield 'an id twice' => [
            self::HEADING."\ntrailer,A,1,black,craw,3,".self::ID."\ntrailer,B,1,black,craw,3,".self::ID,
            'line 2 already',
        ];
        yield 'half a JSON file' => ['{"parts": [{"kind": "trailer"', 'not valid JSON'];
        yield 'JSON of something else' => ['{"lure": "jig"}', 'a list of parts'];
    }

    /** Bytes that JSON cannot carry come from the command line. */
    public function testAnotherEncodingIsToldWithItsLine(): void
    {
        try {
            PartsTable::read("kind,name\nskirt,Gr\xFCn\n");
            self::fail('Latin 1 is no UTF-8.');
        } catch (InvalidDocument $invalid) {
            self::assertSame('line 2', $invalid->faults[0]->field);
        }
        $this->expectException(InvalidDocument::class);
        PartsTable::read("\x89PNG\r\n\x1a\n\0\0\0");
    }

    /** The process is killed while it is at work; what it had written by then is gone with it. */
    public function testAnImportThatIsKilledLeavesNothingHalfWritten(): void
    {
        $folder = sys_get_temp_dir().'/kontrast-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $csv = "$folder/parts.csv";
        file_put_contents(
            $csv,
            self::HEADING."\n".implode(
                "\n",
                array_map(static fn (int $i): string => "trailer,Craw $i,1,black,craw,3.5,", range(1, 20_000)),
            ),
        );
        $environment = ['APP_ENV' => 'test', 'KONTRAST_DB' => "$folder/db.sqlite"];
        $root = __DIR__.'/../..';
        (new Process(['php', 'bin/console', 'doctrine:migrations:migrate', '--no-interaction', '--quiet'], $root, $environment))->mustRun();

        $import = new Process(['php', '-d', 'memory_limit=1G', 'bin/console', 'kontrast:import-parts', $csv], $root, $environment);
        $import->setTimeout(120);
        $import->start();
        $import->waitUntil(static fn (string $type, string $output): bool => str_contains($output, '1000 of 20000'));
        $import->signal(\SIGKILL);
        $import->wait();
        self::assertTrue($import->hasBeenSignaled());

        $ask = static function (string $sql) use ($folder): mixed {
            $answer = (new \PDO("sqlite:$folder/db.sqlite"))->query($sql);

            return false === $answer ? null : $answer->fetchColumn();
        };
        self::assertSame('ok', $ask('PRAGMA integrity_check'));
        self::assertSame(0, $ask('SELECT COUNT(*) FROM inventory_part'));
        (new Filesystem())->remove($folder);
    }

    /** The format as GIMP's documentation of palette files describes it; from memory. */
    public function testAPaletteGoesInAndOut(): void
    {
        $palette = "GIMP Palette\nName: Plastics\nColumns: 4\n# a comment\n 85  81  43\tGreen pumpkin\n255 0 7 Hot\n  0   0   0\n";
        self::assertSame(
            [
                ['name' => 'Green pumpkin', 'hex' => '#55512b'],
                ['name' => 'Hot', 'hex' => '#ff0007'],
                ['name' => '#000000', 'hex' => '#000000'],
            ],
            GimpPalette::read($palette),
        );
        self::assertSame(['added' => 3], $this->send('POST', '/api/swatches', ['contents' => $palette]));
        self::assertSame(['added' => 0], $this->send('POST', '/api/swatches', ['contents' => $palette]));
        $this->import(self::HEADING."\ntrailer,Orange craw,1,orange,craw,3,");
        $this->browser->request('GET', '/api/parts.gpl');
        $out = GimpPalette::read($this->said());
        self::assertSame(['Green pumpkin', 'Hot', '#000000', 'Orange craw'], array_column($out, 'name'));
        self::assertSame('#e8641c', $out[3]['hex']);
        $this->send('POST', '/api/swatches', ['contents' => "GIMP Palette\n300 0 0 Too much\n"]);
        self::assertArrayHasKey('line 2', $this->faults());
        $this->send('POST', '/api/swatches', ['contents' => 'P6 ...']);
        self::assertArrayHasKey('line 1', $this->faults());
    }

    /** @return list<array{line: int, data: array<string, mixed>, faults: list<Fault>}> */
    private static function rows(string $csv): array
    {
        return iterator_to_array(PartsTable::read($csv), false);
    }

    /**
     * @return list<Planned>
     */
    private function preview(string $csv): array
    {
        $plan = $this->send('POST', '/api/parts/preview', ['contents' => $csv]);
        self::assertSame(200, $this->answered(), $this->said());

        /**
         * @var list<Planned> $plan
         */
        return $plan;
    }

    private function import(string $csv): string
    {
        $this->send('POST', '/api/parts/import', ['contents' => $csv]);

        return $this->said();
    }

    /** @return array<string, int> counts by name */
    private function counts(): array
    {
        $bin = $this->send('GET', '/api/parts');
        self::assertIsArray($bin);
        self::assertIsArray($bin['parts']);

        /** @var array<string, int> $counts */
        $counts = array_column($bin['parts'], 'count', 'name');

        return $counts;
    }
}
