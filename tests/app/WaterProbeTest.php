<?php

declare(strict_types=1);

namespace Tests\app;

use App\Device\NoDevice;
use App\Device\SimulatedWaterProbe;
use App\Device\WaterProbe;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Whoever answers for the probe: a caller never waits for ever, and takes nothing that no water can be. */
final class WaterProbeTest extends TestCase
{
    /** @param list<string> $answers */
    #[DataProvider('devices')]
    public function testAnAnswerThatCannotBeIsRefused(array $answers, string $says): void
    {
        $this->expectException(NoDevice::class);
        $this->expectExceptionMessage($says);
        self::ask($answers);
    }

    /** @return iterable<string, array{list<string>, string}> */
    public static function devices(): iterable
    {
        yield 'steam' => [["PROBE 1 test\n", "TEMP_F 240.0\n"], 'which is impossible'];
        yield 'clearer than air' => [["PROBE 1 test\n", "TEMP_F 61.0\n", "CLARITY_IN 90000\n"], 'which is impossible'];
        yield 'no number' => [["PROBE 1 test\n", "TEMP_F warm\n"], 'which is not a measurement'];
        yield 'some other device' => [["COLORIMETER 1\n"], 'The water probe answered “COLORIMETER 1”'];
        yield 'silence' => [["PROBE 1 test\n"], 'takes too long to answer'];
    }

    public function testWhatItMeasuresIsTaken(): void
    {
        self::assertSame(
            ['surface_f' => 61.2, 'visibility_in' => 26.0],
            self::ask(["PROBE 1 test\n", "TEMP_F 61.2\n", "CLARITY_IN 26\n"]),
        );
    }

    public function testTheSimulatedOneSpeaksTheProtocol(): void
    {
        $probe = new SimulatedWaterProbe();
        self::assertSame('PROBE 1 simulated', $probe->answer("HELLO\n"));
        self::assertMatchesRegularExpression('/^TEMP_F 6[01]\.\d$/', (string) $probe->answer('TEMP'));
        self::assertMatchesRegularExpression('/^CLARITY_IN 2[4-8]\.\d$/', (string) $probe->answer('CLARITY'));
        self::assertStringStartsWith('ERR', (string) $probe->answer('DIVE'));
        self::assertNull($probe->answer('BYE'));
    }

    public function testNobodyThereIsSaid(): void
    {
        $this->expectException(NoDevice::class);
        $this->expectExceptionMessage('No water probe answers on 127.0.0.1:1. Start the simulated water probe with ./kontrast probe.');
        (new WaterProbe('127.0.0.1:1'))->read();
    }

    /**
     * @param list<string> $answers
     *
     * @return array{surface_f: float, visibility_in: float}
     */
    private static function ask(array $answers): array
    {
        $code = '$s = stream_socket_server("tcp://127.0.0.1:0"); echo strrchr(stream_socket_get_name($s, false), ":"), "\n";'
            .'$c = stream_socket_accept($s, 20); foreach ('.var_export($answers, true).' as $a) { fgets($c); fwrite($c, $a); } sleep(20);';
        $device = new Process(['php', '-r', $code]);
        $device->start();
        $device->waitUntil(static fn (string $type, string $output): bool => str_contains($output, "\n"));
        try {
            return (new WaterProbe('127.0.0.1'.trim($device->getOutput())))->read();
        } finally {
            $device->stop(0);
        }
    }
}
