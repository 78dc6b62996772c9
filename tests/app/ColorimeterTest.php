<?php

declare(strict_types=1);

namespace Tests\app;

use App\Device\Colorimeter;
use App\Device\NoDevice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Whoever answers on the colorimeter's port: a caller never waits for ever, and takes nothing that no plastic can be. */
final class ColorimeterTest extends TestCase
{
    #[DataProvider('devices')]
    public function testAnAnswerThatCannotBeIsRefused(string $greeting, string $reading, string $says): void
    {
        $code = \sprintf(
            '$s = stream_socket_server("tcp://127.0.0.1:0"); echo strrchr(stream_socket_get_name($s, false), ":"), "\n";'
                .'$c = stream_socket_accept($s, 20); fgets($c); fwrite($c, %s); fgets($c); fwrite($c, %s); sleep(20);',
            var_export($greeting, true),
            var_export($reading, true),
        );
        $device = new Process(['php', '-r', $code]);
        $device->start();
        $device->waitUntil(static fn (string $type, string $output): bool => str_contains($output, "\n"));
        try {
            $this->expectException(NoDevice::class);
            $this->expectExceptionMessage($says);
            (new Colorimeter((int) ltrim($device->getOutput(), ':')))->read(1);
        } finally {
            $device->stop(0);
        }
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function devices(): iterable
    {
        $hello = "COLORIMETER 1 test\n";
        yield 'brighter than any paper' => [$hello, "XYZ 20.0 900.0 10.0\n", 'which is impossible'];
        yield 'less than black' => [$hello, "XYZ 20.0 -0.5 10.0\n", 'which is impossible'];
        yield 'no number' => [$hello, "XYZ nan 1 1\n", 'which is not a measurement'];
        yield 'some other device' => ["220 mail ready\n", '', 'which is not a measurement'];
        yield 'silence' => [$hello, '', 'takes too long to answer'];
        yield 'silence from the start' => ['', '', 'takes too long to answer'];
    }
}
