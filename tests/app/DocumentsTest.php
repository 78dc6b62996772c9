<?php

declare(strict_types=1);

namespace Tests\app;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The files that ship with the program, against the schemas it publishes. */
final class DocumentsTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    #[DataProvider('examples')]
    public function testEveryExampleIsWhatItsSchemaSays(string $schema, string $file): void
    {
        Schema::assertValid($schema, (string) file_get_contents($file));
    }

    /** @return iterable<string, array{string, string}> by schema, with which the file's name begins */
    public static function examples(): iterable
    {
        $files = glob(self::ROOT.'/docs/examples/*.json');
        foreach (false === $files ? [] : $files as $file) {
            $words = explode('-', basename($file, '.json'));
            $schema = 'request' === ($words[1] ?? '') ? "$words[0]-request" : $words[0];
            yield basename($file) => [$schema, $file];
        }
    }

    public function testTheDemoIsInTheFormatTheProgramReads(): void
    {
        Schema::assertValid('logbook', (string) file_get_contents(self::ROOT.'/demo/logbook.json'));
    }

    public function testTheSchemasSayNoWhereTheProgramDoes(): void
    {
        self::assertFalse(Schema::accepts('reading', '{"lure": "boat"}'));
        $reading = json_decode((string) file_get_contents(self::ROOT.'/docs/examples/reading-clay-jig.json'), true);
        self::assertIsArray($reading);
        self::assertTrue(Schema::accepts('reading', (string) json_encode($reading)));
        self::assertFalse(Schema::accepts('reading', (string) json_encode(['moon' => 'full'] + $reading)));
        self::assertFalse(Schema::accepts('reading', (string) json_encode(['visibility_in' => 0] + $reading)));
    }

    public function testTheCommandLineAnswersAReading(): void
    {
        $process = self::advise('docs/examples/reading-clay-jig.json');
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        Schema::assertValid('advice', $process->getOutput());
    }

    public function testTheCommandLineReadsStandardInput(): void
    {
        $process = self::advise('-', (string) file_get_contents(self::ROOT.'/docs/examples/reading-clay-jig.json'));
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
    }

    public function testABadReadingLeavesNothingOnStandardOutputAndALineAFaultOnTheOther(): void
    {
        $process = self::advise('-', '{"lure": "boat", "moon": "full"}');
        self::assertSame(2, $process->getExitCode());
        self::assertSame('', $process->getOutput());
        $lines = explode("\n", trim($process->getErrorOutput()));
        self::assertStringStartsWith('moon: ', $lines[1]);
        self::assertStringStartsWith('lure: "boat" is not allowed here.', $lines[0]);
        self::assertCount(14, $lines, 'One line a fault: the unknown field, the wrong one, and the twelve that are missing.');
    }

    public function testAFileThatIsNotThereIsToldSo(): void
    {
        $process = self::advise('nowhere.json');
        self::assertSame(2, $process->getExitCode());
        self::assertStringContainsString('There is no file nowhere.json', $process->getErrorOutput());
    }

    private static function advise(string $file, ?string $input = null): Process
    {
        $process = new Process(['php', 'bin/console', 'kontrast:advise', $file], self::ROOT, ['APP_ENV' => 'test'], $input);
        $process->run();

        return $process;
    }
}
