<?php

declare(strict_types=1);

namespace Tests\faults;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;
use Tests\app\PlainHttp;
use Tests\app\ServedProgram;

/** The recipe in deploy/, as far as it runs without being the machine's first process: configured, started, backed up, rotated. */
final class DeployTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/kontrast-deploy-'.bin2hex(random_bytes(5));
        (new Filesystem())->mkdir(["$this->folder/etc", "$this->folder/run", "$this->folder/lib", "$this->folder/logs"], 0o700);
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove($this->folder);
    }

    public function testItIsConfiguredStartedBackedUpAndRotated(): void
    {
        $port = ServedProgram::freePort();
        $environment = [
            'KONTRAST_ETC' => "$this->folder/etc", 'KONTRAST_RUN' => "$this->folder/run", 'KONTRAST_LIB' => "$this->folder/lib",
            'KONTRAST_LOGS' => "$this->folder/logs", 'KONTRAST_LISTEN' => '127.0.0.1', 'KONTRAST_PHONE_PORT' => (string) $port,
            'KONTRAST_NAMES' => '127.0.0.1', 'KONTRAST_WORKERS' => '1', 'APP_ENV' => 'prod',
        ];
        self::assertSame("https://127.0.0.1:$port/\n", $this->command(['deploy/configure'], $environment));
        // As the units start them.
        $fpm = $this->background([...$this->unit('kontrast-fpm.service'), ...(0 === posix_geteuid() ? ['-R'] : [])]);
        $nginx = $this->background($this->unit('kontrast.service'));
        try {
            self::assertStringContainsString('Pass phrase', $this->get($port, '/sign-in'));
            self::assertStringContainsString('signed_out', $this->get($port, '/api/settings'));
            rename("$this->folder/logs/nginx.log", "$this->folder/logs/nginx.log.1");
            $nginx->signal(\SIGUSR1);
            self::assertTrue($this->soon(fn (): bool => is_file("$this->folder/logs/nginx.log")), 'It writes into a new log.');
        } finally {
            $nginx->stop(10, \SIGTERM);
            $fpm->stop(10, \SIGTERM);
        }
        $made = $this->command(
            ['php', 'bin/console', 'kontrast:backup', "$this->folder/lib/backups"],
            ['KONTRAST_DB' => "$this->folder/lib/kontrast.sqlite"] + $environment,
        );
        $backup = json_decode((string) file_get_contents(trim($made)), true);
        self::assertIsArray($backup);
        self::assertSame([], $backup['parts']);
        self::assertSame(0, fileperms(trim($made)) & 0o077);
        self::assertStringNotContainsString('pass_phrase', (string) file_get_contents(trim($made)));
    }

    /** Both read the settings of the program, and neither compiles to machine code, whatever the machine asks for. */
    public function testBothServersRunAsTheProgramAsks(): void
    {
        $environment = $this->environmentOf('kontrast-fpm.service') + ['PATH' => getenv('PATH').':/usr/sbin'];
        $fpm = $this->command(['php-fpm8.2', '-c', '/etc/php/8.2/fpm/php.ini', '-i'], $environment);
        self::assertMatchesRegularExpression('/^opcache\.jit => disable/m', $fpm);
        self::assertMatchesRegularExpression('/^expose_php => Off/m', $fpm);
        $status = '$opcache = opcache_get_status(false); echo json_encode([$opcache["opcache_enabled"], $opcache["jit"]["on"]]);';
        self::assertSame('[true,false]', $this->command(['php', '-r', $status], $environment));
    }

    public function testOnlyTheBackupsOfTheLastMonthStay(): void
    {
        (new Filesystem())->mkdir("$this->folder/backups");
        for ($day = 1; $day <= 31; ++$day) {
            touch(\sprintf('%s/backups/kontrast-2026-01-%02d.json', $this->folder, $day));
        }
        touch("$this->folder/backups/mine.json");
        $environment = ['KONTRAST_DB' => "$this->folder/lib/kontrast.sqlite", 'APP_ENV' => 'prod'];
        $this->command(['php', 'bin/console', 'doctrine:migrations:migrate', '-n', '-q'], $environment);
        $this->command(['php', 'bin/console', 'kontrast:backup', "$this->folder/backups"], $environment);
        $left = array_values(array_diff((array) scandir("$this->folder/backups"), ['.', '..']));
        self::assertCount(31, $left);
        self::assertSame('kontrast-2026-01-03.json', $left[0]);
        self::assertSame('mine.json', $left[30]);
    }

    #[TestWith(['kontrast.service'])]
    #[TestWith(['kontrast-fpm.service'])]
    #[TestWith(['kontrast-backup.service'])]
    #[TestWith(['kontrast-backup.timer'])]
    public function testEveryUnitIsOneThatSystemdUnderstands(string $unit): void
    {
        $command = 'systemd-analyze verify --man=no "$UNIT" 2>&1';
        $verify = Process::fromShellCommandline($command, self::ROOT.'/deploy/systemd', ['UNIT' => $unit]);
        $verify->run();
        if (127 === $verify->getExitCode()) {
            self::markTestSkipped('Only where systemd is installed.');
        }
        // The program is not installed here; everything else it may say is a fault.
        $faults = array_filter(
            explode("\n", trim($verify->getOutput())),
            static fn (string $line): bool => str_contains($line, $unit)
                && 1 !== preg_match('~/usr/(share|bin)/kontrast|not executable~', $line),
        );
        self::assertSame([], $faults);
    }

    public function testTheRotationIsOneThatLogrotateUnderstands(): void
    {
        $command = 'PATH="$PATH:/usr/sbin" logrotate --debug --state /dev/null deploy/logrotate.conf 2>&1';
        $debug = Process::fromShellCommandline($command, self::ROOT);
        $debug->run();
        if (127 === $debug->getExitCode()) {
            self::markTestSkipped('Only where logrotate is installed.');
        }
        self::assertStringContainsString('/var/log/kontrast/*.log', $debug->getOutput());
        self::assertStringNotContainsString('unknown option', $debug->getOutput());
    }

    /** @return list<string> the command a unit starts, with the folders of this test */
    private function unit(string $name): array
    {
        preg_match('/^ExecStart=(.+)$/m', (string) file_get_contents(self::ROOT."/deploy/systemd/$name"), $m);
        $command = strtr($m[1] ?? '', $this->folders());

        return array_map(static fn (?string $word): string => trim((string) $word, '"'), str_getcsv($command, ' ', '"', ''));
    }

    /** @param list<string> $command */
    private function background(array $command): Process
    {
        $process = new Process($command, self::ROOT, $this->environmentOf('kontrast-fpm.service'), null, null);
        $process->disableOutput();
        $process->start();

        return $process;
    }

    /** @return array<string, string> what a unit sets */
    private function environmentOf(string $unit): array
    {
        preg_match('/^Environment=(.+)$/m', (string) file_get_contents(self::ROOT."/deploy/systemd/$unit"), $m);
        $set = [];
        foreach (explode(' ', strtr($m[1] ?? '', $this->folders())) as $one) {
            [$name, $value] = explode('=', $one, 2);
            $set[$name] = $value;
        }

        return $set;
    }

    /** @return array<string, string> those of an installed program, and where they are in this test */
    private function folders(): array
    {
        return [
            '/etc/kontrast' => "$this->folder/etc",
            '/run/kontrast' => "$this->folder/run",
            '/var/lib/kontrast' => "$this->folder/lib",
            '/usr/share/kontrast' => (string) realpath(self::ROOT),
        ];
    }

    /**
     * @param list<string>          $command
     * @param array<string, string> $environment
     */
    private function command(array $command, array $environment): string
    {
        $process = new Process($command, self::ROOT, $environment, null, 120);
        $process->mustRun();

        return $process->getOutput();
    }

    private function get(int $port, string $path): string
    {
        $tls = ['cafile' => "$this->folder/lib/tls/authority.crt", 'peer_name' => '127.0.0.1'];
        $answer = '';
        $this->soon(static function () use ($port, $path, $tls, &$answer): bool {
            [$status, $answer] = PlainHttp::ask('GET', "https://127.0.0.1:$port$path", null, [], $tls);

            return 0 !== $status && 502 !== $status;
        });

        return $answer;
    }

    /** @param callable(): bool $has */
    private function soon(callable $has): bool
    {
        for ($i = 0; $i < 100; ++$i) {
            if ($has()) {
                return true;
            }
            usleep(100_000);
        }

        return false;
    }
}
