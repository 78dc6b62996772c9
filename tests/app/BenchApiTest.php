<?php

declare(strict_types=1);

namespace Tests\app;

use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Builds on the bench, over the API, with the demo's bin.
 *
 * @phpstan-type Best array{
 *     combinations: int,
 *     ranked: list<array{parts: array<string, mixed>, score: float, build: mixed, look_parts: mixed}>,
 *     lacking: list<string>,
 * }
 */
final class BenchApiTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->send('POST', '/api/parts/import', ['contents' => (string) file_get_contents(__DIR__.'/../../demo/parts.csv')]);
    }

    public function testTheBestOfTheBinIsTenBuildsBestFirstWithWhatEachLacks(): void
    {
        $best = $this->best(self::reading());
        self::assertGreaterThan(1_000_000, $best['combinations']);
        self::assertCount(10, $best['ranked']);
        self::assertSame([], $best['lacking']);
        $scores = array_column($best['ranked'], 'score');
        $sorted = $scores;
        rsort($sorted);
        self::assertSame($sorted, $scores);
        self::assertGreaterThan(80, $scores[0]);
    }

    public function testABuildOfTheListIsJudgedTheSameOnTheBench(): void
    {
        foreach (\array_slice($this->best(self::reading())['ranked'], 0, 3) as $ranked) {
            $bench = $this->send('POST', '/api/bench', ['reading' => self::reading(), 'build' => $ranked['parts']]);
            self::assertSame(200, $this->answered());
            self::assertIsArray($bench);
            self::assertSame($ranked['score'], $bench['score']);
            self::assertSame($ranked['build'], $bench['build']);
            self::assertSame($ranked['look_parts'], $bench['look_parts']);
        }
    }

    public function testOtherWaterAsksForAnotherBuildAndASwapSaysWhich(): void
    {
        $clear = ['forage' => 'crawfish', 'lure' => 'jig', 'visibility_in' => 70] + self::reading();
        $muddy = ['visibility_in' => 8, 'tint' => 'clay'] + $clear;
        $parts = $this->best($clear)['ranked'][0]['parts'];
        $swaps = $this->send('POST', '/api/swaps', ['reading' => $muddy, 'build' => $parts]);
        self::assertIsArray($swaps);
        self::assertNotSame([], $swaps);
        $first = $swaps[0];
        self::assertIsArray($first);
        self::assertGreaterThan(0, $first['gain']);
        $score = fn (mixed $build): float => $this->score($muddy, $build);
        self::assertEqualsWithDelta($first['gain'], $score($first['parts']) - $score($parts), 0.11);
        self::assertSame([], $this->swapsOf($muddy, $this->best($muddy)['ranked'][0]['parts']), 'Nothing betters the best by one change.');
    }

    public function testAPartNobodyOwnsIsNamedWithWhatItWouldGain(): void
    {
        $reading = ['lure' => 'jig', 'forage' => 'crawfish', 'visibility_in' => 9] + self::reading();
        $this->send('PUT', '/api/current-reading', ['reading' => $reading]);
        $bin = $this->send('GET', '/api/parts');
        self::assertIsArray($bin);
        self::assertIsArray($bin['parts']);
        $dark = array_filter(
            $bin['parts'],
            static fn (mixed $part): bool => \is_array($part) && 'skirt' === $part['kind'] && 'black' === $part['colour'],
        );
        $this->send('POST', '/api/parts/delete', ['ids' => array_column($dark, 'id')]);
        $missing = $this->send('GET', '/api/missing');
        self::assertIsArray($missing);
        self::assertIsArray($missing[0]);
        self::assertIsArray($missing[0]['part']);
        self::assertSame(['skirt', 'black'], [$missing[0]['part']['kind'], $missing[0]['part']['colour']]);
        self::assertGreaterThan(0, $missing[0]['gain']);
        self::assertSame(1, $missing[0]['of']);
        $this->send('POST', '/api/parts', [$missing[0]['part']]);
        self::assertSame(201, $this->answered(), 'What is missing can be added as it stands.');
    }

    public function testAReadingOfNoWaterOnEarthAsksForNothing(): void
    {
        $this->send('POST', '/api/readings', ['reading' => ['visibility_in' => 50000] + self::reading()]);
        self::assertSame(201, $this->answered());
        self::assertIsArray($this->send('GET', '/api/missing'));
        self::assertSame(200, $this->answered());
        $this->send('POST', '/api/best', ['reading' => ['visibility_in' => 50000] + self::reading()]);
        self::assertArrayHasKey('reading.visibility_in', $this->faults());
    }

    public function testAPartThatIsUsedUpIsNotTaken(): void
    {
        $first = $this->best(self::reading())['ranked'][0]['parts'];
        self::assertIsArray($first['skirt']);
        $this->send('PUT', '/api/parts', [['count' => 0] + $first['skirt']]);
        self::assertSame(200, $this->answered());
        foreach ($this->best(self::reading())['ranked'] as $ranked) {
            self::assertIsArray($ranked['parts']['skirt']);
            self::assertNotSame($first['skirt']['id'], $ranked['parts']['skirt']['id']);
        }
    }

    public function testAnEmptyBinSaysWhatItLacks(): void
    {
        $bin = $this->send('GET', '/api/parts');
        self::assertIsArray($bin);
        self::assertIsArray($bin['parts']);
        $this->send('POST', '/api/parts/delete', ['ids' => array_column($bin['parts'], 'id')]);
        $best = $this->best(self::reading());
        self::assertSame([0, [], ['head', 'blade', 'skirt', 'trailer']], [$best['combinations'], $best['ranked'], $best['lacking']]);
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('misplaced')]
    public function testAPartInTheWrongPlaceIsNamed(array $change, string $field): void
    {
        $build = [
            'lure' => 'jig',
            'head' => ['kind' => 'head', 'name' => 'h', 'weight_oz' => 0.375, 'colour' => 'black', 'lures' => ['jig']],
        ];
        $this->send('POST', '/api/bench', ['reading' => self::reading(), 'build' => $change + $build]);
        self::assertSame(422, $this->answered());
        self::assertArrayHasKey($field, $this->faults());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function misplaced(): iterable
    {
        $blade = ['kind' => 'blade', 'name' => 'b', 'shape' => 'willow', 'number' => 4, 'metal' => 'gold'];
        yield 'a blade for a skirt' => [['skirt' => $blade], 'build.skirt.kind'];
        yield 'a front blade alone' => [['front' => $blade], 'build.front'];
        yield 'no head' => [['head' => null], 'build.head'];
        yield 'a skirt of no colour' => [['skirt' => ['kind' => 'skirt', 'name' => 's']], 'build.skirt.colour'];
    }

    /**
     * @param array<string, mixed> $reading
     *
     * @return Best
     */
    private function best(array $reading): array
    {
        $best = $this->send('POST', '/api/best', ['reading' => $reading]);
        self::assertSame(200, $this->answered(), $this->said());

        /**
         * @var Best $best
         */
        return $best;
    }

    /**
     * @param array<string, mixed> $reading
     *
     * @return list<mixed> kinds of the swaps that take another part of the bin
     */
    private function swapsOf(array $reading, mixed $build): array
    {
        $swaps = $this->send('POST', '/api/swaps', ['reading' => $reading, 'build' => $build]);
        self::assertIsArray($swaps);

        return array_values(
            array_filter(array_column($swaps, 'kind'), static fn (mixed $kind): bool => 'another' === $kind || 'off' === $kind),
        );
    }

    /** @param array<string, mixed> $reading */
    private function score(array $reading, mixed $build): float
    {
        $bench = $this->send('POST', '/api/bench', ['reading' => $reading, 'build' => $build]);
        self::assertIsArray($bench);
        self::assertIsNumeric($bench['score']);

        return (float) $bench['score'];
    }
}
