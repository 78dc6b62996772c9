<?php

declare(strict_types=1);

namespace Tests\app;

/** The demo's season was made from known rates: what the analysis says of it is held against the truth. */
final class SeasonTest extends ApiTestCase
{
    private const SCRIPT = __DIR__.'/../../demo/season.php';

    public function testTheAnalysisOfTheDemoSeasonIsTrueToTheRatesItWasMadeFrom(): void
    {
        $demo = (string) file_get_contents(__DIR__.'/../../demo/logbook.json');
        $this->send('POST', '/api/logbook', $demo);
        $this->send('POST', '/api/logbook', self::season('2025'));
        self::assertSame(200, $this->answered(), $this->said());
        self::assertIsArray($outings = $this->send('GET', '/api/outings'));
        self::assertCount(30, $outings);
        /** @var array{finish_in_stain: array{gold: float}} $truth */
        $truth = json_decode(self::season('--truth'), true, 8, \JSON_THROW_ON_ERROR);
        $analysis = $this->send('GET', '/api/logbook/analysis');
        Schema::assertValid('analysis', $this->said());
        self::assertIsArray($analysis);
        self::assertIsArray($analysis['effects']);
        $holds = $without = 0;
        $gold = null;
        foreach ($analysis['effects'] as $one) {
            self::assertIsArray($one);
            if (['finish', 'stained', 'gold', 'silver'] === [$one['factor'], $one['where'], $one['a'], $one['b']]) {
                $gold = $one;
            }
            // In dirty and in clear water no choice was made to matter, and beside the finish none anywhere.
            if ('finish' !== $one['factor'] || \in_array($one['where'], ['dirty', 'very_clear'], true)) {
                ++$without;
                $holds += $one['low'] <= 1.0 && $one['high'] >= 1.0 ? 1 : 0;
                self::assertFalse($one['sure']);
            }
        }
        self::assertIsArray($gold);
        self::assertEquals(0, $gold['hours_to_settle']);
        self::assertGreaterThan(0.85, $gold['probability_a_better']);
        self::assertGreaterThan(1.0, $gold['low']);
        // A season says less than the truth, since the best of many pairs is partly luck.
        self::assertLessThan($truth['finish_in_stain']['gold'], $gold['ratio']);
        self::assertGreaterThan(20, $without);
        self::assertGreaterThan(0.8, $holds / $without);
    }

    private static function season(string $argument): string
    {
        return (string) shell_exec(escapeshellarg(\PHP_BINARY).' '.escapeshellarg(self::SCRIPT).' '.escapeshellarg($argument));
    }
}
