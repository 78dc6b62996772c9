<?php

declare(strict_types=1);

namespace Tests\faults;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\app\Samples;
use Tests\app\ServedProgram;

/** The short form of what ./kontrast soak does at length; no figure of time is asserted here. */
final class FaultsTest extends TestCase
{
    public function testKilledWhileItWritesItLosesNothing(): void
    {
        $program = new ServedProgram(workers: 4);
        $program->migrate();
        $trial = KillTrial::run($program, 6, new Randomizer(new Mt19937(11)));
        self::assertSame([6, 0, 0, 0], [$trial->restarts, $trial->lost, $trial->halfDone, $trial->damaged]);
        self::assertGreaterThan(0, $trial->acknowledged);
    }

    public function testEightClientsAtOnceAreAllAnswered(): void
    {
        $program = new ServedProgram(workers: 4);
        $program->migrate();
        $program->start();
        $trial = LoadTrial::run($program, 8, 6);
        self::assertGreaterThan(100, $trial->answers());
        self::assertSame(0, $trial->failures(), (string) json_encode($trial->statuses));
    }

    public function testSixClientsAtOnceAreAnsweredByAServerThatHasCompiledNothingYet(): void
    {
        self::assertSame([], ColdStartTrial::run(3)->failures);
    }

    /** The same batch undone by several at once gives its parts back once. */
    public function testABatchUndoneByFourAtOnceIsUndoneOnce(): void
    {
        $program = new ServedProgram(workers: 4);
        $program->migrate();
        $program->start();
        [, $json] = $program->ask('POST', '/api/parts', [
            ['count' => 50] + Samples::head(), ['count' => 50] + Samples::skirt(), ['count' => 50] + Samples::craw(),
        ]);
        /** @var array{array<string, mixed>, array<string, mixed>, array<string, mixed>} $parts */
        $parts = json_decode($json, true);
        $build = ['lure' => 'jig', 'head' => $parts[0], 'skirt' => $parts[1], 'trailer' => $parts[2]];
        for ($round = 0; $round < 12; ++$round) {
            [, $json] = $program->ask('POST', '/api/built', ['items' => [['name' => 'Three', 'build' => $build, 'count' => 3]]]);
            $made = json_decode($json, true);
            self::assertIsArray($made);
            self::assertIsString($made['id']);
            $statuses = self::allAtOnce($program->port, "/api/built/{$made['id']}/undo", 4);
            self::assertSame([204], array_values(array_unique($statuses)), 'To undo what is undone is no fault, and does nothing.');
            [, $json] = $program->ask('GET', '/api/parts');
            $bin = json_decode($json, true);
            self::assertIsArray($bin);
            self::assertIsArray($bin['parts']);
            self::assertSame([50, 50, 50], array_column($bin['parts'], 'count'), "round $round");
        }
    }

    public function testAnImportIsGivenUpWhenItsCallerHangsUp(): void
    {
        $program = new ServedProgram(workers: 2);
        $program->migrate();
        $program->start();
        $table = "kind,name,colour\n".implode("\n", array_map(static fn (int $i): string => "skirt,Skirt $i,black", range(1, 20_000)));
        $body = json_encode(['contents' => $table], \JSON_THROW_ON_ERROR);
        $caller = stream_socket_client("tcp://127.0.0.1:{$program->port}", $code, $message, 5);
        self::assertIsResource($caller);
        $head = "POST /api/parts/import HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\nContent-Length: ".\strlen($body);
        fwrite($caller, $head."\r\nConnection: close\r\n\r\n".$body);
        do {
            $line = fgets($caller);
        } while (false !== $line && !str_contains($line, '"done"'));
        self::assertStringContainsString('"of":20000', (string) $line);
        fclose($caller);
        // Whoever writes next waits until the import has let go, and finds nothing of it.
        [$status] = $program->ask('POST', '/api/parts', [Samples::skirt()]);
        self::assertSame(201, $status);
        [, $json] = $program->ask('GET', '/api/parts');
        $bin = json_decode($json, true);
        self::assertIsArray($bin);
        self::assertIsArray($bin['parts']);
        self::assertSame(['Black skirt'], array_column($bin['parts'], 'name'));
    }

    /** @return list<int> statuses of the same POST, sent on so many connections before any answer is read */
    private static function allAtOnce(int $port, string $path, int $times): array
    {
        $connections = [];
        for ($i = 0; $i < $times; ++$i) {
            $connection = stream_socket_client("tcp://127.0.0.1:$port", $code, $message, 5);
            self::assertIsResource($connection);
            $connections[] = $connection;
        }
        foreach ($connections as $connection) {
            fwrite($connection, "POST $path HTTP/1.1\r\nHost: 127.0.0.1:$port\r\nContent-Length: 0\r\nConnection: close\r\n\r\n");
        }

        return array_map(static function ($connection): int {
            $answer = (string) stream_get_contents($connection);

            return (int) substr($answer, 9, 3);
        }, $connections);
    }
}
