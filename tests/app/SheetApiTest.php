<?php

declare(strict_types=1);

namespace Tests\app;

/** Build sheets and batches over the API, with the demo's bin. */
final class SheetApiTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->send('POST', '/api/parts/import', ['contents' => (string) file_get_contents(__DIR__.'/../../demo/parts.csv')]);
    }

    public function testASheetHasStepsFiguresAndCost(): void
    {
        $sheet = $this->send('POST', '/api/build-sheet', ['build' => $this->spinnerbait(), 'reading' => self::reading()]);
        self::assertSame(200, $this->answered(), $this->said());
        self::assertIsArray($sheet);
        self::assertIsArray($sheet['steps']);
        self::assertSame(
            [
                'lay_out', 'first_bead', 'front_blade', 'second_bead', 'spacer', 'third_bead', 'form_loop', 'rear_blade', 'close_loop',
                'skirt', 'trim', 'tie', 'check', 'boatside',
            ],
            array_column($sheet['steps'], 'task'),
        );
        // Head .85, two blades .28, skirt .55, three beads .03, clevis .06, spacer .08, swivel .35, tie .02.
        self::assertEqualsWithDelta(0.85 + 2 * 0.28 + 0.55 + 3 * 0.03 + 0.06 + 0.08 + 0.35 + 0.02, $sheet['cost'], 1e-9);
        self::assertSame([], $sheet['unpriced']);
        self::assertNull($sheet['line_per_turn_in']);
        self::assertGreaterThan(0.375, $sheet['weight_oz']);
    }

    /** Worked by hand: 7.1 · π · 1.5 in = 33.5 in. */
    public function testTheReelAndThePriceComeFromTheSettings(): void
    {
        $this->send(
            'PUT',
            '/api/settings',
            ['units' => 'us', 'theme' => 'paper', 'gear_ratio' => 7.1, 'spool_in' => 1.5, 'bought_price' => 9.99],
        );
        $sheet = $this->send('POST', '/api/build-sheet', ['build' => $this->spinnerbait()]);
        self::assertIsArray($sheet);
        self::assertSame([33.5, 9.99], [$sheet['line_per_turn_in'], $sheet['price']]);
        $this->send('PUT', '/api/settings', ['units' => 'us', 'theme' => 'paper', 'gear_ratio' => 0]);
        self::assertArrayHasKey('gear_ratio', $this->faults());
    }

    public function testAMisfitIsOnTheSheet(): void
    {
        $build = ['front' => $this->part('gold willow #5')] + $this->spinnerbait();
        $sheet = $this->send('POST', '/api/build-sheet', ['build' => $build]);
        self::assertIsArray($sheet);
        self::assertIsArray($sheet['misfits']);
        self::assertContains('front', array_column($sheet['misfits'], 'slot'));
    }

    public function testABatchTellsWhatItUsesAndWhatRunsShort(): void
    {
        $batch = $this->send('POST', '/api/batch', ['items' => [['name' => 'Tandem', 'build' => $this->spinnerbait(), 'count' => 13]]]);
        self::assertSame(200, $this->answered(), $this->said());
        self::assertIsArray($batch);
        self::assertIsArray($batch['needs']);
        $short = array_filter(array_column($batch['needs'], 'short', 'name'), static fn (mixed $short): bool => 0 !== $short);
        // 5 heads, 8 of each blade, 4 skirts and 12 swivels are in the demo's bin.
        self::assertEquals(
            [
                '3/8 spinnerbait head on long wire, white' => 8,
                'silver Colorado #2' => 5,
                'gold willow #4' => 5,
                'green pumpkin' => 9,
                'ball-bearing swivels' => 1,
            ],
            $short,
        );
        self::assertIsString($batch['shopping_csv']);
        self::assertStringContainsString('swivel,"ball-bearing swivels",#3,1,0.35', $batch['shopping_csv']);
        self::assertIsArray($batch['order']);
        self::assertContains('Put the skirt on', array_column($batch['order'], 'title'));
    }

    public function testMakingDrawsThePartsAndUndoingPutsThemBack(): void
    {
        $before = $this->counts();
        $made = $this->send('POST', '/api/built', ['items' => [['name' => 'Tandem', 'build' => $this->spinnerbait(), 'count' => 3]]]);
        self::assertSame(201, $this->answered());
        self::assertIsArray($made);
        self::assertIsString($made['id']);
        $after = $this->counts();
        self::assertSame(
            [$before['green pumpkin'] - 3, $before['beads, brass'] - 9, $before['spacer tubes'] - 3],
            [$after['green pumpkin'], $after['beads, brass'], $after['spacer tubes']],
        );
        self::assertCount(1, $this->send('GET', '/api/built') ?? []);
        $this->send('POST', "/api/built/{$made['id']}/undo");
        self::assertSame(204, $this->answered());
        $this->send('POST', "/api/built/{$made['id']}/undo");
        self::assertSame($before, $this->counts(), 'Undone once, however often it is asked.');
        self::assertSame([], $this->send('GET', '/api/built'));
    }

    /** The demo has one lot of swivels, and these two builds ask for two sizes. */
    public function testTwoSizesOutOfOneLotAreBothDrawnAndBothPutBack(): void
    {
        $small = ['rear' => $this->part('gold Colorado #3')] + $this->spinnerbait();
        $items = fn (int $count): array => [
            'items' => [
                ['name' => 'Large', 'build' => $this->spinnerbait(), 'count' => 2],
                ['name' => 'Small', 'build' => $small, 'count' => $count],
            ],
        ];
        $before = $this->counts();
        $made = $this->send('POST', '/api/built', $items(2));
        self::assertSame(201, $this->answered(), $this->said());
        self::assertIsArray($made);
        self::assertIsString($made['id']);
        self::assertSame($before['ball-bearing swivels'] - 4, $this->counts()['ball-bearing swivels']);
        $this->send('POST', "/api/built/{$made['id']}/undo");
        self::assertSame($before, $this->counts());

        $batch = $this->send('POST', '/api/batch', $items(11));
        self::assertIsArray($batch);
        self::assertIsArray($batch['needs']);
        $swivels = array_values(
            array_filter($batch['needs'], static fn (mixed $need): bool => \is_array($need) && 'swivel' === $need['kind']),
        );
        self::assertSame([0, 1], array_column($swivels, 'short'), 'Twelve are there, thirteen are needed.');
    }

    public function testABatchThatRunsShortDrawsNothing(): void
    {
        $before = $this->counts();
        $this->send('POST', '/api/built', ['items' => [['name' => 'Tandem', 'build' => $this->spinnerbait(), 'count' => 5]]]);
        self::assertSame(422, $this->answered());
        self::assertStringContainsString('“green pumpkin” runs short by 1', $this->faults()['items']);
        self::assertSame($before, $this->counts());
        $this->send('POST', '/api/built', ['items' => []]);
        self::assertArrayHasKey('items', $this->faults());
        $this->send('POST', '/api/batch', ['items' => [['name' => 'x', 'build' => $this->spinnerbait(), 'count' => 0]]]);
        self::assertArrayHasKey('items[0].count', $this->faults());
        $this->send('POST', '/api/built/nothing/undo');
        self::assertSame(404, $this->answered());
    }

    public function testWhatWasMadeIsInTheBackup(): void
    {
        $this->send('POST', '/api/built', ['items' => [['name' => 'Tandem', 'build' => $this->spinnerbait(), 'count' => 1]]]);
        $this->browser->request('GET', '/api/backup');
        $backup = $this->said();
        Schema::assertValid('backup', $backup);
        $this->send('POST', '/api/backup', $backup);
        self::assertSame(200, $this->answered(), $this->said());
        self::assertSame(['1 × Tandem'], array_column($this->send('GET', '/api/built') ?? [], 'what'));
    }

    /** @return array<string, mixed> a tandem of the demo's parts */
    private function spinnerbait(): array
    {
        return [
            'lure' => 'spinnerbait',
            'head' => $this->part('3/8 spinnerbait head on long wire, white'),
            'front' => $this->part('silver Colorado #2'),
            'rear' => $this->part('gold willow #4'),
            'skirt' => $this->part('green pumpkin'),
        ];
    }

    /** @return array<mixed> */
    private function part(string $name): array
    {
        foreach ($this->bin() as $part) {
            if ($part['name'] === $name) {
                return $part;
            }
        }
        self::fail("The demo has $name.");
    }

    /** @return array<string, int> */
    private function counts(): array
    {
        /** @var array<string, int> $counts */
        $counts = array_column($this->bin(), 'count', 'name');

        return $counts;
    }

    /** @return list<array<mixed>> */
    private function bin(): array
    {
        $bin = $this->send('GET', '/api/parts');
        self::assertIsArray($bin);

        /** @var list<array<mixed>> $parts */
        $parts = $bin['parts'];

        return $parts;
    }
}
