<?php

declare(strict_types=1);

namespace Tests\app;

use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\ApplicationTester;

/** The logbook on the command line. */
final class LogCommandTest extends ApiTestCase
{
    private const TABLE = "outing_started_at,outing_ended_at,outing_note\n2026-05-09T06:00:00Z,2026-05-09T10:00:00Z,By hand\n";
    private string $file = '';

    protected function tearDown(): void
    {
        '' === $this->file ? null : unlink($this->file);
        parent::tearDown();
    }

    public function testATableGoesInAfterALookAndComesOutAsJsonAndAsATable(): void
    {
        $file = $this->fileOf(self::TABLE);
        [$code, $seen] = $this->log(['file' => $file, '--preview' => true]);
        self::assertSame(0, $code);
        self::assertStringContainsString('"outings": 1', $seen);
        self::assertSame('[]', trim($this->log([])[1]));
        $this->log(['file' => $file]);
        $outings = json_decode($this->log([])[1], true);
        self::assertIsArray($outings);
        self::assertSame(['By hand'], array_column($outings, 'note'));
        self::assertStringContainsString(',"By hand",', $this->log(['--csv' => true])[1]);
        Schema::assertValid('analysis', $this->log(['--analysis' => true])[1]);
    }

    public function testALogbookInJsonGoesIn(): void
    {
        $file = $this->fileOf((string) json_encode([
            'waters' => [], 'readings' => [], 'outings' => [['started_at' => '2026-05-09T06:00:00Z', 'note' => 'From a file']],
        ]));
        self::assertSame(0, $this->log(['file' => $file])[0]);
        self::assertStringContainsString('From a file', $this->log([])[1]);
    }

    public function testBadInputSaysWhichLineAndPrintsNothingElse(): void
    {
        [$code, $printed, $errors] = $this->log(['file' => $this->fileOf(str_replace('2026-05-09T06', '2199-05-09T06', self::TABLE))]);
        self::assertSame([2, ''], [$code, $printed]);
        self::assertStringStartsWith('line 2 ', $errors);
        self::assertSame('[]', trim($this->log([])[1]));
        self::assertSame([2, ''], \array_slice($this->log(['file' => '/nowhere.csv']), 0, 2));
    }

    private function fileOf(string $contents): string
    {
        $this->file = (string) tempnam(sys_get_temp_dir(), 'log');
        file_put_contents($this->file, $contents);

        return $this->file;
    }

    /**
     * @param array<string, string|true> $input
     *
     * @return array{int, string, string} exit status, standard output, standard error
     */
    private function log(array $input): array
    {
        $kernel = self::$kernel;
        self::assertNotNull($kernel);
        $application = new Application($kernel);
        $application->setAutoExit(false);
        $tester = new ApplicationTester($application);
        $code = $tester->run(['command' => 'kontrast:log', ...$input], ['capture_stderr_separately' => true]);

        return [$code, $tester->getDisplay(), $tester->getErrorOutput()];
    }
}
