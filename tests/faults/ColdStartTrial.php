<?php

declare(strict_types=1);

namespace Tests\faults;

use Tests\app\ServedProgram;

/** A server that has compiled nothing yet, asked by several clients at once. */
final class ColdStartTrial
{
    /** Of six clients: what each of them asks for, all of it code that no other has compiled. */
    private const ASKED = ['/', '/api/settings', '/api/rules', '/api/parts', '/api/trips', '/api/logbook/analysis'];

    /** @var list<string> what was not answered as it should be */
    public array $failures = [];

    public static function run(int $starts): self
    {
        $trial = new self();
        $program = new ServedProgram(workers: 4);
        $program->migrate();
        for ($i = 1; $i <= $starts; ++$i) {
            $program->start();
            foreach (self::allAtOnce($program->port) as $path => $status) {
                if (!str_starts_with($status, 'HTTP/1.1 200') && !str_starts_with($status, 'HTTP/1.0 200')) {
                    $trial->failures[] = "start $i, $path: ".('' === $status ? 'no answer' : trim($status));
                }
            }
            $program->kill();
        }

        return $trial;
    }

    /** @return array<string, string> the first line of each answer; empty where none came */
    private static function allAtOnce(int $port): array
    {
        $clients = [];
        foreach (self::ASKED as $path) {
            $clients[$path] = stream_socket_client("tcp://127.0.0.1:$port", $code, $message, 5);
        }
        $answers = [];
        foreach ($clients as $path => $client) {
            if (false !== $client) {
                fwrite($client, "GET $path HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\n\r\n");
            }
        }
        foreach ($clients as $path => $client) {
            $answers[$path] = false === $client ? '' : (string) fgets($client);
            if (false !== $client) {
                stream_get_contents($client);
                fclose($client);
            }
        }

        return $answers;
    }
}
