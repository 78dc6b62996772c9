<?php

declare(strict_types=1);

namespace Tests\app;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A database of the version before is brought up to date, and every endpoint answers with it. */
final class UpgradeTest extends TestCase
{
    private const FIXTURE = __DIR__.'/../fixtures/database-shape-1.sqlite';
    /** Made by the version before belly colors, eyes, strand patterns and belly shapes: 112 parts, 4 builds, 5 readings, one batch. */
    private const BEFORE_BELLIES = __DIR__.'/../fixtures/database-shape-2.sqlite';
    /** Made by the version before trips, and before a water had a place: 112 parts, 3 waters of which one is deleted. */
    private const BEFORE_TRIPS = __DIR__.'/../fixtures/database-shape-3.sqlite';

    private const PHOTO = __DIR__.'/../fixtures/photo-with-place.jpg';
    private const STINT = '0193a000-0000-7000-b000-000000000002';
    private const EVENT = '0193a000-0000-7000-b000-000000000003';
    /** Made by the version before outings: the demo as it was then, 3 waters, 4 readings, 3 builds, 2 trips, 112 parts. */
    private const BEFORE_OUTINGS = __DIR__.'/../fixtures/database-shape-4.sqlite';
    /** Made by the version that served one machine only: the demo with 3 of its outings, 20 stints and 55 events. */
    private const BEFORE_THE_NETWORK = __DIR__.'/../fixtures/database-shape-5.sqlite';

    private static ?ServedProgram $served = null;

    public static function tearDownAfterClass(): void
    {
        self::$served = null;
    }

    /** Started once: what it serves is put under it. */
    private static function served(string $fixture): ServedProgram
    {
        $isNew = null === self::$served;
        $program = self::$served ??= new ServedProgram();
        $program->load($fixture);
        $program->migrate();
        if ($isNew) {
            $program->start();
        }

        return $program;
    }

    /**
     * Upgraded once, all are alike to what writes: the oldest, which goes the longest way, is written to as well.
     *
     * @param list<string> $methods
     */
    #[TestWith([self::FIXTURE, ['get', 'post', 'put', 'patch', 'delete']])]
    #[TestWith([self::BEFORE_BELLIES, ['get']])]
    #[TestWith([self::BEFORE_TRIPS, ['get']])]
    #[TestWith([self::BEFORE_OUTINGS, ['get']])]
    public function testAnOlderDatabaseIsUpgradedAndEveryEndpointAnswers(string $fixture, array $methods): void
    {
        $program = self::served($fixture);
        $api = new OpenApiDocument();
        $paths = $api->document['paths'] ?? [];
        \assert(\is_array($paths));
        $known = [];
        // What is stored, asked once until something was changed.
        $get = static function (string $url) use ($program, &$known): mixed {
            return $known[$url] ??= json_decode($program->ask('GET', $url)[1], true);
        };
        foreach ($paths as $path => $operations) {
            \assert(\is_string($path) && \is_array($operations));
            foreach (array_intersect(array_keys($operations), $methods) as $method) {
                [$url, $body] = self::request(strtoupper((string) $method), $path, $get);
                [$status, $answer, $headers] = $program->ask(strtoupper((string) $method), $url, $body);
                $isDevice = \in_array($path, ['/api/colour/colorimeter', '/api/probe', '/api/trips/forecast'], true);
                self::assertLessThan(500, $isDevice ? 0 : $status, "$method $url: $answer");
                self::assertNotSame(422, $status, "$method $url: $answer");
                $api->assertAnswers((string) $method, $path, $status, $headers['content-type'] ?? '', $answer);
                $isWritten = \in_array($status, [201, 204], true) || \in_array($method, ['put', 'patch', 'delete'], true)
                    || 1 === preg_match('~/(delete|restore|undo|import|backup)$~', $path);
                $known = $isWritten ? [] : $known;
            }
        }
    }

    /**
     * The fixture was made by the version before: 112 parts of which one is deleted, a deleted water that a reading names, one batch
     * undone.
     */
    public function testNothingOfItIsLost(): void
    {
        $program = new ServedProgram(self::FIXTURE);
        $program->migrate();
        $database = new \PDO('sqlite:'.$program->database());
        $old = new \PDO('sqlite:'.self::FIXTURE);
        $ask = static function (\PDO $from, string $sql): \PDOStatement {
            $answer = $from->query($sql);
            self::assertInstanceOf(\PDOStatement::class, $answer, $sql);

            return $answer;
        };
        $one = static fn (\PDO $from, string $sql): mixed => $ask($from, $sql)->fetchColumn();
        foreach ([
            'bin_part' => 'inventory_part', 'kept_reading' => 'saved_reading', 'desk' => 'current_reading', 'settings' => 'settings',
            'saved_build' => 'saved_build', 'made' => 'built_record', 'water' => 'water', 'swatch' => 'swatch',
        ] as $was => $is) {
            self::assertSame($one($old, "SELECT COUNT(*) FROM $was"), $one($database, "SELECT COUNT(*) FROM $is"), $was);
        }
        self::assertSame([], $ask($database, 'PRAGMA foreign_key_check')->fetchAll());
        $deleted = ' WHERE deleted_at IS NOT NULL';
        self::assertSame(
            $one($old, 'SELECT COUNT(*) FROM bin_part'.$deleted),
            $one($database, 'SELECT COUNT(*) FROM inventory_part'.$deleted),
        );
        $costs = 'SELECT ROUND(SUM(json_extract(traits, \'$.cost\')) * 10000) FROM bin_part';
        self::assertEquals($one($old, $costs), $one($database, 'SELECT SUM(cost) FROM inventory_part'));
        $drawn = 'SELECT SUM(value) FROM made, json_each(made.drawn)';
        self::assertEquals($one($old, $drawn), $one($database, 'SELECT SUM(count) FROM built_record_part'));
        self::assertEquals(0, $one($database, 'SELECT COUNT(*) FROM built_record_part WHERE part_id IS NULL'));
    }

    /**
     * What a part, a build or a reading did not have before is filled in as it always was: one color, no eye, solid strands, any forage.
     */
    public function testOlderPartsBuildsAndReadingsReadAsTheyAlwaysDid(): void
    {
        $program = self::served(self::BEFORE_BELLIES);
        $get = static fn (string $url): mixed => json_decode($program->ask('GET', $url)[1], true);
        $bin = $get('/api/parts');
        \assert(\is_array($bin) && \is_array($bin['parts']));
        self::assertCount(112, $bin['parts']);
        foreach ($bin['parts'] as $part) {
            \assert(\is_array($part));
            self::assertSame([[], false], [$part['belly'] ?? [], $part['eye'] ?? false]);
            self::assertSame([null, null], [$part['strand_pattern'] ?? null, $part['belly_shape'] ?? null]);
        }
        self::assertSame([], $get('/api/attention'));
        $builds = $get('/api/builds');
        self::assertIsArray($builds);
        self::assertCount(4, $builds);
        $desk = $get('/api/current-reading');
        \assert(\is_array($desk) && \is_array($desk['reading']));
        self::assertSame(['bladed_jig', 'shad'], [$desk['reading']['lure'], $desk['reading']['forage']]);
        self::assertSame([], $desk['reading']['forage_also'] ?? []);
        self::assertSame('any', $desk['reading']['goal'] ?? 'any');
    }

    public function testAWaterFromBeforeTripsHasNoPlaceAndTakesOne(): void
    {
        $program = self::served(self::BEFORE_TRIPS);
        $waters = json_decode($program->ask('GET', '/api/waters')[1], true);
        \assert(\is_array($waters) && \is_array($waters[0]) && \is_string($waters[0]['id']));
        self::assertCount(2, $waters);
        self::assertSame([null, null], array_column($waters, 'place'));
        self::assertSame('[]', trim($program->ask('GET', '/api/trips')[1]));
        $place = ['latitude' => 45.5, 'longitude' => -91.2, 'time_zone' => 'America/Chicago'];
        [$status] = $program->ask('PUT', '/api/waters/'.$waters[0]['id'], ['place' => $place] + $waters[0]);
        self::assertSame(200, $status);
        $water = json_decode($program->ask('GET', '/api/waters/'.$waters[0]['id'])[1], true);
        \assert(\is_array($water));
        self::assertSame($place, $water['place']);
    }

    public function testADatabaseFromBeforeOutingsKeepsItsTripsAndTakesAnOutingOfOne(): void
    {
        $program = self::served(self::BEFORE_OUTINGS);
        $get = static fn (string $url): mixed => json_decode($program->ask('GET', $url)[1], true);
        foreach (['waters' => 3, 'readings' => 4, 'builds' => 3, 'trips' => 2, 'outings' => 0, 'trials' => 0] as $list => $count) {
            self::assertIsArray($all = $get("/api/$list"));
            self::assertCount($count, $all, $list);
        }
        $trips = $get('/api/trips');
        \assert(\is_array($trips) && \is_array($trips[0]));
        [$status, $answer] = $program->ask('POST', '/api/outings', [
            'started_at' => '2026-05-09T09:00:00Z', 'trip_id' => $trips[0]['id'], 'water_id' => $trips[0]['water_id'],
        ]);
        self::assertSame(201, $status, $answer);
    }

    public function testADatabaseFromBeforeTheNetworkKeepsItsNotesAndLetsNobodyIn(): void
    {
        $program = self::served(self::BEFORE_THE_NETWORK);
        $get = static fn (string $url): mixed => json_decode($program->ask('GET', $url)[1], true);
        self::assertIsArray($outings = $get('/api/outings'));
        self::assertCount(3, $outings);
        $database = new \PDO('sqlite:'.$program->database());
        foreach (['stint' => 20, 'outing_event' => 55, 'inventory_part' => 112] as $table => $count) {
            self::assertInstanceOf(\PDOStatement::class, $counted = $database->query("SELECT COUNT(*) FROM $table"));
            self::assertEquals($count, $counted->fetchColumn(), $table);
        }
        self::assertIsArray($outing = $get('/api/outings/'.self::textIn($outings[0], 'id')));
        self::assertIsArray($outing['stints']);
        foreach ($outing['stints'] as $stint) {
            \assert(\is_array($stint) && \is_array($stint['reading']));
            self::assertSame([false, []], [$stint['confirmed'], $stint['assumed']], 'Nobody has said that it was so.');
            self::assertArrayHasKey('visibility_in', $stint['reading']);
        }
        self::assertIsArray($analysis = $get('/api/logbook/analysis'));
        self::assertIsArray($analysis['rates']);
        $clarity = array_filter($analysis['rates'], static fn (mixed $rate): bool => \is_array($rate) && 'clarity' === $rate['factor']);
        self::assertEqualsWithDelta($analysis['hours'], array_sum(array_column($clarity, 'hours')), 0.05, 'It counts as it did.');
        self::assertIsArray($readings = $get('/api/readings'));
        self::assertIsArray($season = $get('/api/logbook/season'));
        $taken = array_map(static fn (mixed $one): string => substr(self::textIn($one, 'taken_at'), 0, 10), $readings);
        $shown = [];
        foreach ($season as $water) {
            \assert(\is_array($water) && \is_array($water['days']));
            array_push($shown, ...array_column($water['days'], 'date'));
        }
        self::assertEqualsCanonicalizing($taken, $shown, 'Of outings no temperature was measured, as far as anybody has said.');
        self::assertIsArray($access = $get('/api/access'));
        self::assertSame([false, false, [], []], [
            $access['is_remote'], $access['has_pass_phrase'], $access['addresses'], $access['sessions'],
        ]);
        self::assertSame(401, $program->ask('POST', '/api/sign-in', ['pass_phrase' => 'whatever it is'])[0]);
    }

    private static function textIn(mixed $document, string $field): string
    {
        \assert(\is_array($document) && \is_string($document[$field]));

        return $document[$field];
    }

    /**
     * What to send to an endpoint: with an id where the path has one, and a document where it takes one.
     *
     * @param callable(string): mixed $get what is stored at an address
     *
     * @return array{string, mixed} path and body
     */
    private static function request(string $method, string $path, callable $get): array
    {
        // Only what a request needs is asked for.
        $first = static function (mixed $list): array {
            \assert(\is_array($list));
            $one = $list[0] ?? [];
            \assert(\is_array($one));

            return $one;
        };
        $part = static function () use ($get, $first): array {
            $parts = $get('/api/parts');
            \assert(\is_array($parts));

            return $first($parts['parts']);
        };
        $saved = static fn (): array => $first($get('/api/builds'));
        $build = static function () use ($saved): array {
            $build = $saved()['build'] ?? null;
            \assert(\is_array($build));

            return $build;
        };
        $reading = Samples::reading();
        $items = static fn (): array => ['items' => [['name' => 'One', 'build' => $build(), 'count' => 1]]];
        $both = static fn (): array => ['reading' => ['lure' => $build()['lure']] + $reading, 'build' => $build()];
        $body = match ("$method $path") {
            'POST /api/advice', 'POST /api/opinion' => $reading,
            'POST /api/advice/view' => ['reading' => $reading, 'from' => 'side', 'before' => ['visibility_in' => 9] + $reading],
            'POST /api/chart', 'POST /api/chart.csv' => [
                'reading' => $reading, 'visibility_in' => [9, 27], 'sky' => ['sun'], 'lures' => ['jig'], 'forage' => ['shad', 'bluegill'],
            ],
            'POST /api/practice' => ['lesson' => 'tie', 'seed' => 5, 'count' => 1],
            'POST /api/practice-answers' => ['lesson' => 'tie', 'right' => true, 'card' => 'B8'],
            'POST /api/advice/different' => ['reading' => $reading, 'water_id' => null],
            'PATCH /api/workbench' => ['build' => $build()],
            'POST /api/explain' => ['reading' => $reading, 'pick' => 'skirt.base'],
            'POST /api/changes' => ['before' => $reading, 'after' => ['visibility_in' => 9] + $reading],
            'POST /api/bench', 'POST /api/swaps' => $both(),
            'POST /api/best', 'POST /api/advised-build' => ['reading' => $reading],
            'POST /api/trips/plan', 'POST /api/trips/plan/longer' => self::trip($reading),
            'POST /api/trips/moment' => ['trip' => self::trip($reading), 'at' => '9:30', 'sky' => 'sun', 'lure' => 'jig'],
            'POST /api/trips/table' => ['contents' => "name,date,from,to,latitude,longitude,time_zone\n"],
            'POST /api/trips/season', 'POST /api/trips/forecast' => ['place' => self::trip($reading)['place'], 'date' => '2026-05-09'],
            'POST /api/trips', 'PUT /api/trips/{id}' => ['name' => 'Saturday', 'trip' => self::trip($reading)],
            'POST /api/outings', 'PUT /api/outings/{id}' => ['started_at' => '2026-05-09T09:00:00Z', 'stints' => [
                ['started_at' => '2026-05-09T09:00:00Z', 'build' => $build(), 'reading' => $reading],
            ]],
            'PUT /api/outings/{id}/box' => ['before' => new \stdClass(), 'box' => new \stdClass()],
            'POST /api/outings/{id}/end' => ['ended_at' => '2026-05-09T11:00:00Z'],
            'PUT /api/outings/{id}/stints/{stint}' => [
                'started_at' => '2026-05-09T11:00:00Z', 'ended_at' => '2026-05-09T11:00:00Z',
                'build' => $build(), 'reading' => $reading,
            ],
            'PUT /api/outings/{id}/events/{event}' => ['at' => '2026-05-09T09:05:00Z', 'kind' => 'bite'],
            'PUT /api/outings/{id}/events/{event}/photo' => [
                'photo' => 'data:image/jpeg;base64,'.base64_encode((string) file_get_contents(self::PHOTO)),
            ],
            'POST /api/outings/table', 'POST /api/outings/table/preview' => ['contents' => "outing_started_at\n2026-05-09T09:00:00Z\n"],
            'POST /api/trials' => ['name' => 'One or the other', 'trial' => [
                'a' => $build(), 'b' => Samples::build(), 'block_min' => 20,
            ]],
            'POST /api/shopping' => ['readings' => [$reading]],
            'POST /api/parts/lines' => ['text' => '3 black craws'],
            'POST /api/names', 'PUT /api/names/{id}' => ['name' => 'Okie', 'colour' => 'green_pumpkin'],
            'POST /api/build-sheet' => $both(),
            'POST /api/batch', 'POST /api/built' => $items(),
            'POST /api/look', 'POST /api/scene', 'POST /api/motion', 'POST /api/sensitivity' => [
                'reading' => $reading,
                'from' => 'side',
                'parts' => [['id' => 'a', 'kind' => 'matte', 'hex' => '#112233']],
                'pairs' => [],
            ],
            'POST /api/sign-in' => ['pass_phrase' => 'none was set'],
            'POST /api/depths' => ['reading' => $reading, 'from' => 'below'],
            'POST /api/parts' => [['kind' => 'skirt', 'name' => 'New', 'colour' => 'black']],
            'PUT /api/parts' => [$part()],
            'PUT /api/parts/{id}' => $part(),
            'POST /api/parts/delete', 'POST /api/parts/restore' => ['ids' => [$part()['id'] ?? '']],
            'POST /api/parts/preview', 'POST /api/parts/import' => ['contents' => "kind,name,colour\nskirt,Imported,black\n"],
            'POST /api/swatches' => ['contents' => "GIMP Palette\n1 2 3 Ink\n"],
            'POST /api/waters', 'PUT /api/waters/{id}' => ['name' => 'New pit', 'tint' => 'none', 'red_crawfish' => false],
            'POST /api/readings' => ['reading' => $reading],
            'POST /api/builds/drawn' => ['builds' => [$build()]],
            'POST /api/builds' => ['name' => 'New', 'build' => $build()],
            'PUT /api/builds/{id}' => $saved(),
            'PUT /api/current-reading' => ['reading' => $reading],
            'PUT /api/settings' => ['units' => 'us', 'theme' => 'paper'],
            'POST /api/logbook' => ['waters' => [], 'readings' => []],
            'POST /api/backup' => $get('/api/backup'),
            'POST /api/colour/patch' => ['card' => [['hex' => '#eeeeee', 'clipped' => 0]], 'pixels' => ['#123456']],
            'POST /api/colour/photo' => [
                'card' => [['hex' => '#eeeeee', 'clipped' => 0]],
                'part' => [['hex' => '#123456', 'clipped' => 0]],
            ],
            default => null,
        };
        $list = array_values(array_filter(
            ['waters', 'readings', 'builds', 'built', 'trips', 'outings', 'trials'],
            static fn (string $one): bool => str_starts_with($path, "/api/$one/"),
        ))[0] ?? null;
        $id = match (true) {
            !str_contains($path, '{id}') => '',
            str_starts_with($path, '/api/rules') => 'S6',
            default => (null === $list ? $part() : $first($get("/api/$list")))['id'] ?? 'none',
        };
        \assert(\is_string($id));

        $asked = \in_array($path, ['/api/logbook/ask', '/api/logbook/pair'], true) ? '?factor=finish&a=gold&b=silver' : '';

        return [str_replace(['{id}', '{stint}', '{event}'], [$id, self::STINT, self::EVENT], $path).$asked, $body];
    }

    /**
     * @param array<string, mixed> $reading
     *
     * @return array<string, mixed>
     */
    private static function trip(array $reading): array
    {
        return [
            'date' => '2026-05-09',
            'from' => '9:00',
            'to' => '10:00',
            'place' => ['latitude' => 46, 'longitude' => -90, 'time_zone' => 'America/Chicago'],
            'reading' => $reading,
            'visibility_in' => [20, 20, 20],
            'lures' => ['jig'],
            'carry' => ['lures' => 1, 'trailers' => 1],
        ];
    }
}
