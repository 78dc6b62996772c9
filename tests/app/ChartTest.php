<?php

declare(strict_types=1);

namespace Tests\app;

use Symfony\Component\Process\Process;

/** The chart of a water: each cell is what the advice for that very reading says. */
final class ChartTest extends ApiTestCase
{
    private const EXAMPLE = 'docs/examples/chart-request-tamarack.json';
    private const PICKS = ['lure', 'head', 'blades', 'skirt', 'trailer', 'set', 'pairing', 'trailer_hook', 'measures'];

    public function testEachCellIsTheAdviceOfItsReadingInTheOrderOfNesting(): void
    {
        $asked = $this->asked(['visibility_in' => [9, 44.0], 'lures' => ['jig', 'bladed_jig'], 'forage' => ['shad', 'crawfish']]);
        $chart = $this->send('POST', '/api/chart', $asked);
        self::assertSame(200, $this->answered());
        self::assertIsArray($chart);
        $cells = $chart['cells'];
        self::assertIsArray($cells);
        $at = 0;
        foreach ([9, 44.0] as $inches) {
            foreach (['sun', 'overcast', 'low_sun'] as $sky) {
                foreach (['jig', 'bladed_jig'] as $lure) {
                    foreach (['shad', 'crawfish'] as $forage) {
                        $cell = $cells[$at++];
                        self::assertIsArray($cell);
                        $where = ['visibility_in' => $inches, 'sky' => $sky, 'lure' => $lure, 'forage' => $forage];
                        self::assertEquals($where, array_diff_key($cell, ['advice' => 0]));
                        $reading = $asked['reading'];
                        self::assertIsArray($reading);
                        $advice = $this->send('POST', '/api/advice', $where + $reading);
                        self::assertIsArray($advice);
                        $picks = array_intersect_key($advice, array_flip(self::PICKS));
                        self::assertEquals($picks, $cell['advice'], (string) json_encode($where));
                    }
                }
            }
        }
        self::assertCount($at, $cells);
    }

    public function testItGoesOutAsATable(): void
    {
        $this->send('POST', '/api/chart.csv', $this->asked(['visibility_in' => [12], 'sky' => ['sun'], 'lures' => ['bladed_jig', 'jig']]));
        self::assertSame(200, $this->answered());
        $lines = explode("\n", trim($this->said()));
        self::assertSame(
            'visibility_in,sky,lure,forage,set,blade,skirt,trailer,trailer_style,trailer_length_in,weight_oz',
            $lines[0],
        );
        self::assertStringStartsWith('12,sun,bladed_jig,bluegill,flash,gold,"green_pumpkin gold maroon",', $lines[1]);
        self::assertStringStartsWith('12,sun,jig,bluegill,,,"black blue",', $lines[2]);
    }

    public function testWhatCannotBeIsToldByField(): void
    {
        foreach ([
            [['visibility_in' => []], 'visibility_in'],
            [['visibility_in' => [0]], 'visibility_in[0]'],
            [['visibility_in' => range(1, 9)], 'visibility_in'],
            [['sky' => ['fog']], 'sky[0]'],
            [['lures' => ['any']], 'lures[0]'],
            [['forage' => ['shad', 'shad']], 'forage'],
        ] as [$wrong, $field]) {
            $problem = $this->send('POST', '/api/chart', $this->asked($wrong));
            self::assertSame(422, $this->answered());
            self::assertIsArray($problem);
            self::assertIsArray($problem['faults']);
            self::assertContains($field, array_column($problem['faults'], 'field'));
        }
    }

    public function testTheCommandLineDrawsTheSame(): void
    {
        $chart = $this->send('POST', '/api/chart', $this->asked([]));
        $process = new Process(['php', 'bin/console', 'kontrast:chart', self::EXAMPLE], \dirname(__DIR__, 2), ['APP_ENV' => 'test']);
        $process->mustRun();
        self::assertEquals($chart, json_decode($process->getOutput(), true));
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return array<string, mixed>
     */
    private function asked(array $with): array
    {
        $example = json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/'.self::EXAMPLE), true);
        self::assertIsArray($example);
        /** @var array<string, mixed> $example */

        return $with + $example;
    }
}
