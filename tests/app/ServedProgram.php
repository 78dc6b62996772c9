<?php

declare(strict_types=1);

namespace Tests\app;

use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** The program as it is served, on a free port of this machine, with a database of its own in a folder that goes with it. */
final class ServedProgram
{
    private const PATIENCE_S = 20;

    private ?Process $server = null;
    /** Also known once its first process is gone: the workers may outlive it. */
    private int $group = 0;
    private bool $hasDisk = false;
    public readonly string $folder;
    public readonly int $port;

    /** @param string|null $database a file to start from; an empty one where left out */
    public function __construct(?string $database = null, private readonly int $workers = 1)
    {
        $this->folder = sys_get_temp_dir().'/kontrast-'.bin2hex(random_bytes(5));
        (new Filesystem())->mkdir($this->folder);
        if (null !== $database) {
            $this->load($database);
        }
        $this->port = self::freePort();
    }

    /** Puts its folder on a disk of its own, before anything is in it; false where none may be mounted. */
    public function onDisk(string $size): bool
    {
        return $this->hasDisk = 0 === (new Process(['mount', '-t', 'tmpfs', '-o', "size=$size", 'tmpfs', $this->folder]))->run();
    }

    /** Puts a file in place of the database, while nothing is asked. */
    public function load(string $database): void
    {
        (new Filesystem())->remove([$this->database(), $this->database().'-wal', $this->database().'-shm']);
        (new Filesystem())->copy($database, $this->database());
    }

    public function database(): string
    {
        return $this->folder.'/kontrast.sqlite';
    }

    public function migrate(): Process
    {
        $process = $this->process(
            ['php', 'bin/console', 'doctrine:migrations:migrate', '--no-interaction', '--quiet', '--allow-no-migration'],
        );
        $process->mustRun();

        return $process;
    }

    public function start(): void
    {
        // The shell sees to it that the workers go with the server: it ends its whole group.
        $serve = \sprintf('exec setsid php -d memory_limit=1G -S 127.0.0.1:%d -t public public/index.php', $this->port);
        $this->server = Process::fromShellCommandline($serve, \dirname(__DIR__, 2), $this->environment());
        $this->server->setTimeout(null);
        // Nobody reads what it says, and a full pipe would stop it.
        $this->server->disableOutput();
        $this->server->start();
        $this->group = (int) $this->server->getPid();
        $until = microtime(true) + self::PATIENCE_S;
        while (microtime(true) < $until) {
            $socket = @fsockopen('127.0.0.1', $this->port, $code, $message, 0.2);
            if (false !== $socket) {
                fclose($socket);

                return;
            }
            usleep(50_000);
        }
        throw new \RuntimeException('The program did not come up.');
    }

    /** Ends it as a power cut would. */
    public function kill(): void
    {
        if (null === $this->server) {
            return;
        }
        posix_kill(-$this->group, \SIGKILL);
        $this->server->stop(0, \SIGKILL);
        $this->waitUntilSilent();
        $this->server = null;
    }

    /** A worker that is on its way out may still hold the port, and would be taken for the next server. */
    private function waitUntilSilent(): void
    {
        $until = microtime(true) + self::PATIENCE_S;
        while (microtime(true) < $until && false !== ($socket = @fsockopen('127.0.0.1', $this->port, $code, $message, 0.2))) {
            fclose($socket);
            usleep(20_000);
        }
    }

    public function __destruct()
    {
        $this->kill();
        if ($this->hasDisk) {
            (new Process(['umount', '--lazy', $this->folder]))->run();
        }
        (new Filesystem())->remove($this->folder);
    }

    /**
     * @param array<string, string> $headers
     *
     * @return array{int, string, array<string, string>} status, body and headers by lower-case name
     */
    public function ask(string $method, string $path, mixed $body = null, array $headers = []): array
    {
        $lines = [];
        foreach ($headers as $name => $value) {
            $lines[] = "$name: $value";
        }

        return PlainHttp::ask($method, "http://127.0.0.1:{$this->port}$path", $body, $lines);
    }

    /** @param list<string> $command */
    public function process(array $command): Process
    {
        $process = new Process($command, \dirname(__DIR__, 2), $this->environment());
        $process->setTimeout(300);

        return $process;
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return [
            'APP_ENV' => 'prod',
            'PHP_INI_SCAN_DIR' => ':'.\dirname(__DIR__, 2).'/config/php',
            'KONTRAST_DB' => $this->database(),
            'KONTRAST_METER_PORT' => '1',
            'PHP_CLI_SERVER_WORKERS' => (string) $this->workers,
        ];
    }

    /** One that nobody listens on, on this machine's own address. */
    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        \assert(false !== $socket);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }
}
