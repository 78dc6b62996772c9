<?php

declare(strict_types=1);

namespace Tests\faults;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;
use Tests\app\ServedProgram;

/** What stands in the way of starting is told before an address is, and nothing is touched; what was started ends as one. */
final class StartTest extends TestCase
{
    private const PATIENCE_S = 60;
    private string $folder = '';
    private int $port = 0;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/kontrast-start-'.bin2hex(random_bytes(5));
        (new Filesystem())->mkdir($this->folder);
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($socket);
        $this->port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);
    }

    protected function tearDown(): void
    {
        exec('umount '.escapeshellarg($this->folder.'/disk').' 2> /dev/null');
        (new Filesystem())->remove($this->folder);
    }

    /** What CheckUpTest asks the check itself for, once by starting the program. */
    public function testWhatTheCheckSaysStopsTheStartAndNothingIsTouched(): void
    {
        $file = "$this->folder/kontrast.sqlite";
        file_put_contents($file, $damaged = "SQLite format 3\0".str_repeat("\xa5", 8192));
        $this->assertRefuses(['KONTRAST_METER_PORT' => 'x'], 'KONTRAST_METER_PORT is “x”, which is not a port.');
        $this->assertRefuses([], 'is damaged (');
        self::assertStringEqualsFile($file, $damaged);
        self::assertSame(['kontrast.sqlite'], array_values(array_diff((array) scandir($this->folder), ['.', '..'])));
        $this->assertRefuses(['KONTRAST_DB' => ''], 'KONTRAST_DB is empty.');
    }

    public function testAPortInUseIsNamed(): void
    {
        $other = stream_socket_server("tcp://127.0.0.1:{$this->port}");
        self::assertIsResource($other);
        $this->assertRefuses([], "Port {$this->port} cannot be used");
        fclose($other);
    }

    public function testAFullDiskIsNamed(): void
    {
        mkdir("$this->folder/disk");
        exec('mount -t tmpfs -o size=64k tmpfs '.escapeshellarg("$this->folder/disk").' 2> /dev/null', $output, $status);
        if (0 !== $status) {
            self::markTestSkipped('Only where a small disk may be mounted.');
        }
        $this->assertRefuses(['KONTRAST_DB' => "$this->folder/disk/k.sqlite"], 'is full.');
        exec('mount -o remount,ro '.escapeshellarg("$this->folder/disk").' 2> /dev/null', $output, $status);
        if (0 === $status) {
            $this->assertRefuses(['KONTRAST_DB' => "$this->folder/disk/k.sqlite"], 'Nothing can be written in');
        }
    }

    #[DataProvider('endings')]
    public function testItEndsAsOne(int $signal): void
    {
        $process = $this->serve();
        $group = $this->listeners();
        self::assertGreaterThanOrEqual(4, \count($group), 'The server and its workers.');
        $process->signal($signal);
        $until = microtime(true) + 20;
        while ([] !== $this->listeners() && microtime(true) < $until) {
            usleep(100_000);
        }
        self::assertSame([], $this->listeners());
        $process->stop(0);
    }

    /** @return iterable<string, array{int}> */
    public static function endings(): iterable
    {
        yield 'TERM' => [\SIGTERM];
        yield 'HUP' => [\SIGHUP];
        yield 'INT' => [\SIGINT];
        yield 'KILL' => [\SIGKILL];
    }

    /** PHP itself may crash; workers that are left hold the port. */
    public function testAServerThatCrashesIsStartedAgainAndEndsWithTheScriptToo(): void
    {
        $process = $this->serve();
        $first = array_values(array_filter($this->listeners(), static fn (string $pid): bool => (int) $pid === posix_getpgid((int) $pid)));
        $before = $this->listeners();
        self::assertCount(1, $first);
        posix_kill((int) $first[0], \SIGSEGV);
        $until = microtime(true) + self::PATIENCE_S;
        while ([] !== array_intersect($before, $this->listeners()) && microtime(true) < $until) {
            usleep(50_000);
        }
        self::assertSame([], array_intersect($before, $this->listeners()), 'Nothing is left of the one that crashed.');
        $this->awaitAnswer();
        self::assertTrue($process->isRunning());
        // What watches over the servers knows the new one.
        $process->signal(\SIGKILL);
        while ([] !== $this->listeners() && microtime(true) < $until) {
            usleep(50_000);
        }
        self::assertSame([], $this->listeners());
    }

    /** A phone that was lost is locked out while the program serves. */
    public function testCommandsWorkBesideTheProgramThatServes(): void
    {
        $program = $this->serve();
        $expected = ['doctor' => 'Kontrast is being served on', 'backup' => '/b/kontrast-', 'passphrase' => 'The pass phrase is set.'];
        foreach ($expected as $name => $says) {
            $command = ['./kontrast', $name, ...('backup' === $name ? ["$this->folder/b"] : [])];
            $process = new Process($command, \dirname(__DIR__, 2), $this->environment(), "tamarack lantern copper walleye\n");
            $process->run();
            self::assertSame(0, $process->getExitCode(), $name.$process->getOutput().$process->getErrorOutput());
            self::assertStringContainsString($says, $process->getOutput().$process->getErrorOutput());
        }
        self::assertTrue($program->isRunning());
        $program->stop();
    }

    public function testThreeStartsAtOnceOnANewDatabaseAllComeUp(): void
    {
        $ports = [$this->port, ServedProgram::freePort(), ServedProgram::freePort()];
        $programs = [];
        foreach ($ports as $port) {
            $environment = ['KONTRAST_PORT' => (string) $port] + $this->environment();
            $programs[] = $process = new Process(['./kontrast', 'serve'], \dirname(__DIR__, 2), $environment, null, null);
            $process->disableOutput();
            $process->start();
        }
        foreach ($ports as $port) {
            $this->awaitAnswer($port);
        }
        foreach ($programs as $process) {
            self::assertTrue($process->isRunning());
            $process->stop();
        }
    }

    public function testWithItsCallerGoneItEnds(): void
    {
        $caller = new Process(['bash', '-c', './kontrast serve; true'], \dirname(__DIR__, 2), $this->environment());
        $caller->start();
        $this->awaitAnswer();
        $caller->signal(\SIGKILL);
        $until = microtime(true) + 20;
        while ([] !== $this->listeners() && microtime(true) < $until) {
            usleep(100_000);
        }
        self::assertSame([], $this->listeners());
    }

    public function testTheDoctorSaysWhatIsWellAndWhatIsNot(): void
    {
        $doctor = new Process(['./kontrast', 'doctor'], \dirname(__DIR__, 2), $this->environment());
        $doctor->run();
        self::assertSame(0, $doctor->getExitCode(), $doctor->getOutput().$doctor->getErrorOutput());
        self::assertStringContainsString("{$this->port} is free", $doctor->getOutput());
        file_put_contents("$this->folder/kontrast.sqlite", 'damaged');
        $doctor->run();
        self::assertSame(1, $doctor->getExitCode());
        self::assertMatchesRegularExpression('/^WRONG Contents of the database: /m', $doctor->getOutput());
    }

    /** @param array<string, string> $environment */
    private function assertRefuses(array $environment, string $says): void
    {
        $process = new Process(['./kontrast', 'serve'], \dirname(__DIR__, 2), $environment + $this->environment());
        $process->setTimeout(self::PATIENCE_S);
        $process->run();
        self::assertSame(1, $process->getExitCode(), $process->getErrorOutput());
        self::assertStringContainsString($says, $process->getErrorOutput());
        self::assertStringNotContainsString('http://', $process->getErrorOutput());
        self::assertStringNotContainsString('Exception', $process->getErrorOutput());
    }

    private function serve(): Process
    {
        $process = new Process(['./kontrast', 'serve'], \dirname(__DIR__, 2), $this->environment());
        $process->setTimeout(null);
        $process->disableOutput();
        $process->start();
        $this->awaitAnswer();

        return $process;
    }

    private function awaitAnswer(?int $port = null): void
    {
        $port ??= $this->port;
        $until = microtime(true) + self::PATIENCE_S;
        while (microtime(true) < $until) {
            if (false !== @file_get_contents("http://127.0.0.1:$port/api/settings")) {
                return;
            }
            usleep(100_000);
        }
        self::fail('The program did not come up.');
    }

    /** @return list<string> PHP processes of the program that this test started, known by the database in their environment */
    private function listeners(): array
    {
        $mark = "KONTRAST_DB=$this->folder/kontrast.sqlite\0";
        $found = [];
        foreach ((array) glob('/proc/[0-9]*/environ') as $file) {
            $folder = \dirname((string) $file);
            $isPhp = str_contains((string) @file_get_contents("$folder/cmdline"), 'php');
            if ($isPhp && str_contains((string) @file_get_contents((string) $file)."\0", $mark)) {
                $found[] = basename($folder);
            }
        }

        return $found;
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return [
            'APP_ENV' => 'prod',
            'KONTRAST_PORT' => (string) $this->port,
            'KONTRAST_METER_PORT' => '1',
            'KONTRAST_DB' => "$this->folder/kontrast.sqlite",
        ];
    }
}
