<?php

declare(strict_types=1);

namespace Tests\faults;

use PHPUnit\Framework\TestCase;
use Tests\app\Samples;
use Tests\app\ServedProgram;

/** A disk that turns read-only while the program runs. */
final class ReadOnlyTest extends TestCase
{
    public function testWhatIsStoredCanStillBeReadAndAWriteSaysWhyNot(): void
    {
        $program = new ServedProgram(workers: 2);
        if (!$program->onDisk('16m')) {
            self::markTestSkipped('Only where a disk may be mounted.');
        }
        $program->migrate();
        $program->start();
        [$status] = $program->ask('POST', '/api/readings', ['reading' => Samples::reading(), 'note' => 'Before']);
        self::assertSame(201, $status);
        exec('mount -o remount,ro '.escapeshellarg($program->folder).' 2> /dev/null', $output, $status);
        self::assertSame(0, $status);
        foreach (['/api/readings', '/api/settings', '/api/parts', '/'] as $path) {
            [$status, $body] = $program->ask('GET', $path);
            self::assertContains($status, '/' === $path ? [200, 503] : [200], "$path $body");
        }
        [$status, $body, $headers] = $program->ask('POST', '/api/readings', ['reading' => Samples::reading()]);
        self::assertSame(503, $status, $body);
        self::assertStringContainsString('is read-only right now', $body);
        self::assertArrayHasKey('retry-after', $headers);
    }
}
