<?php

declare(strict_types=1);

namespace Tests\faults;

use PHPUnit\Framework\TestCase;
use Tests\app\ServedProgram;

/** A disk that fills up while the program runs: it says so, what was stored can be read, and with room again it goes on. */
final class FullDiskTest extends TestCase
{
    private const WATER = ['name' => 'Limestone quarry', 'tint' => 'none', 'red_crawfish' => false];
    private const MOST_NOTES = 400;

    private ServedProgram $program;

    protected function setUp(): void
    {
        $this->program = new ServedProgram();
        if (!$this->program->onDisk('8m')) {
            self::markTestSkipped('Only root can make a disk that is small enough to fill.');
        }
    }

    public function testItSaysSoGoesOnReadingAndStoresAgainOnceThereIsRoom(): void
    {
        $this->program->migrate();
        $this->program->start();
        $rest = (int) disk_free_space($this->program->folder) - 300_000;
        self::assertSame($rest, file_put_contents($this->program->folder.'/film', str_repeat('x', $rest)));

        [$stored, $status, $answer] = [0, 201, ''];
        while (201 === $status && $stored < self::MOST_NOTES) {
            [$status, $answer] = $this->program->ask('POST', '/api/waters', ['note' => str_repeat('mud ', 240)] + self::WATER);
            $stored += 201 === $status ? 1 : 0;
        }
        self::assertSame(503, $status, $answer);
        self::assertStringContainsString('"code":"disk_full"', $answer);
        self::assertStringContainsString('Make room', $answer);
        self::assertGreaterThan(0, $stored);
        self::assertSame($stored, $this->waters());
        $this->refuseARestore($stored);

        unlink($this->program->folder.'/film');
        self::assertSame(201, $this->program->ask('POST', '/api/waters', self::WATER)[0]);
        self::assertSame($stored + 1, $this->waters());
    }

    /** What is there is written to a file first; where that cannot be, nothing is taken away. */
    private function refuseARestore(int $stored): void
    {
        [$status, $empty] = $this->program->ask('GET', '/api/backup');
        self::assertSame(200, $status);
        [$status, $answer] = $this->program->ask('POST', '/api/backup', (array) json_decode($empty));
        self::assertSame(503, $status, $answer);
        self::assertStringContainsString('nothing was changed', $answer);
        self::assertSame($stored, $this->waters());
    }

    private function waters(): int
    {
        [$status, $answer] = $this->program->ask('GET', '/api/waters');
        self::assertSame(200, $status, $answer);
        $waters = json_decode($answer, true);
        self::assertIsArray($waters);

        return \count($waters);
    }
}
