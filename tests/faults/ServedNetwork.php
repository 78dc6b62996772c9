<?php

declare(strict_types=1);

namespace Tests\faults;

use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;
use Tests\app\PlainHttp;
use Tests\app\ServedProgram;

/** `./kontrast serve --phone` on free ports of this machine alone, with a database of its own. */
final class ServedNetwork
{
    public const PHRASE = 'tamarack lantern copper walleye';
    private const PATIENCE_S = 120;

    public readonly string $folder;
    public readonly int $port;
    public readonly int $local;
    /** Where the water probe is looked for. */
    public readonly int $probe;
    private ?Process $process = null;
    private string $said = '';

    public function __construct()
    {
        $this->folder = sys_get_temp_dir().'/kontrast-network-'.bin2hex(random_bytes(5));
        (new Filesystem())->mkdir($this->folder);
        [$this->port, $this->local, $this->probe] = [ServedProgram::freePort(), ServedProgram::freePort(), ServedProgram::freePort()];
    }

    /** @param list<string> $options */
    public function start(array $options = []): void
    {
        // What it says goes to a file: a pipe that nobody reads would stop it.
        (new Filesystem())->dumpFile("$this->folder/phrase", self::PHRASE."\n");
        $serve = 'exec ./kontrast serve --phone '.implode(' ', array_map(escapeshellarg(...), $options)).' < "$PHRASE" > "$SAYS" 2>&1';
        $environment = ['PHRASE' => "$this->folder/phrase", 'SAYS' => "$this->folder/says"] + $this->environment();
        $this->process = Process::fromShellCommandline($serve, \dirname(__DIR__, 2), $environment, null, null);
        $this->process->start();
        $until = microtime(true) + self::PATIENCE_S;
        while (!str_contains($this->said, 'Kontrast is at') && microtime(true) < $until && $this->process->isRunning()) {
            usleep(100_000);
            $this->said = (string) @file_get_contents("$this->folder/says");
        }
        if (!str_contains($this->said, 'Kontrast is at')) {
            throw new \RuntimeException("It did not start: $this->said");
        }
    }

    public function stop(): void
    {
        $this->process?->stop(20, \SIGTERM);
        (new Filesystem())->remove($this->folder);
    }

    public function end(int $signal): void
    {
        $this->process?->signal($signal);
    }

    public function says(): string
    {
        return $this->said;
    }

    public function url(string $path): string
    {
        return "https://127.0.0.1:{$this->port}$path";
    }

    public function tls(string $file): string
    {
        return "{$this->folder}/serving/tls/$file";
    }

    /** @return string the cookie of a device that has just signed in */
    public function signIn(): string
    {
        [, , $headers] = $this->ask('POST', '/api/sign-in', ['pass_phrase' => self::PHRASE]);

        return explode(';', $headers['set-cookie'] ?? '')[0];
    }

    /** @return array{int, string, array<string, string>} status, body and headers by lower-case name; over a certificate that is checked */
    public function ask(
        string $method,
        string $path,
        mixed $body = null,
        string $cookie = '',
        ?string $host = null,
        ?string $authority = null,
    ): array {
        return PlainHttp::ask($method, $this->url($path), $body, $this->headers($cookie, $host), $this->trust($authority));
    }

    /** @return resource the answer as it comes */
    public function open(string $method, string $path, mixed $body, string $cookie)
    {
        $context = PlainHttp::context($method, $body, $this->headers($cookie), $this->trust());
        $answer = fopen($this->url($path), 'r', false, $context);
        \assert(false !== $answer);

        return $answer;
    }

    /** @return list<string> */
    private function headers(string $cookie, ?string $host = null): array
    {
        return ["Cookie: $cookie", 'Host: '.($host ?? "127.0.0.1:{$this->port}")];
    }

    /** @return array<string, string> */
    private function trust(?string $authority = null): array
    {
        return ['cafile' => $authority ?? $this->tls('authority.crt'), 'peer_name' => '127.0.0.1'];
    }

    /** @return array<string, string> */
    public function environment(): array
    {
        return [
            'APP_ENV' => 'prod',
            'KONTRAST_DB' => $this->folder.'/k.sqlite',
            'KONTRAST_SERVING' => $this->folder.'/serving',
            'KONTRAST_PORT' => (string) $this->local,
            'KONTRAST_PHONE_PORT' => (string) $this->port,
            'KONTRAST_LISTEN' => '127.0.0.1',
            'KONTRAST_NAMES' => '127.0.0.1 localhost',
            'KONTRAST_METER_PORT' => '1',
            'KONTRAST_PROBE' => "127.0.0.1:$this->probe",
            'KONTRAST_WORKERS' => '2',
        ];
    }
}
