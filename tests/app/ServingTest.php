<?php

declare(strict_types=1);

namespace Tests\app;

use App\Serving\CannotServe;
use App\Serving\Certificate;
use App\Serving\CertificateAuthority;
use App\Serving\Names;
use App\Serving\Recipe;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** What is readied before other devices are served: names, the filled-in recipe, and what is said where it cannot be. */
final class ServingTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/kontrast-serving-'.bin2hex(random_bytes(5));
        (new Filesystem())->mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove($this->folder);
    }

    public function testNamesAreToldAsAddressesAndCheckedAsAWhole(): void
    {
        $names = Names::of('192.168.1.20 Bench.local  bench.local');
        self::assertSame(['192.168.1.20', 'bench.local'], $names->all);
        self::assertSame('https://192.168.1.20:8443/ https://bench.local:8443/', $names->addresses(8443));
        self::assertSame('https://192.168.1.20/ https://bench.local/', $names->addresses(443));
        $hosts = explode(',', $names->hosts());
        self::assertSame(['^192\.168\.1\.20$', '^bench\.local$'], $hosts);
        foreach (['192x168x1x20', 'bench.local.evil.example', 'evil-192.168.1.20'] as $foreign) {
            foreach ($hosts as $host) {
                self::assertSame(0, preg_match("/$host/i", $foreign), $foreign);
            }
        }
    }

    public function testTheRecipeIsFilledInWhole(): void
    {
        $this->write('8443');
        foreach (['nginx.conf', 'fpm.conf'] as $file) {
            $filled = (string) file_get_contents("$this->folder/etc/$file");
            self::assertSame(0, preg_match('/@[A-Z_]+@/', $filled), $file);
        }
        $nginx = (string) file_get_contents("$this->folder/etc/nginx.conf");
        self::assertStringContainsString('listen 127.0.0.1:8443 ssl http2;', $nginx);
        self::assertStringContainsString('server_name 192.168.1.20;', $nginx);
        $fpm = (string) file_get_contents("$this->folder/etc/fpm.conf");
        self::assertStringContainsString('env[KONTRAST_NETWORK] = 1', $fpm);
        self::assertStringContainsString('env[KONTRAST_HOSTS] = "^192\.168\.1\.20$"', $fpm);
        self::assertStringContainsString('env[KONTRAST_DB] = "/srv/kontrast.sqlite"', $fpm);
        self::assertStringContainsString('env[KONTRAST_PROBE] = "192.168.1.30:8424"', $fpm);
    }

    public function testWithACertificateOfOnesOwnThereIsNoAuthorityToTrust(): void
    {
        $names = Names::of('192.168.1.20');
        $made = (new CertificateAuthority("$this->folder/tls"))->certificate($names);
        $own = Certificate::own($made->file, $made->keyFile);
        $this->recipe()->write(
            "$this->folder/etc",
            "$this->folder/run",
            "$this->folder/logs",
            '127.0.0.1',
            8443,
            2,
            $names,
            $own,
        );
        $fpm = (string) file_get_contents("$this->folder/etc/fpm.conf");
        self::assertStringNotContainsString('KONTRAST_AUTHORITY', $fpm);
        self::assertStringNotContainsString('= ""', $fpm, 'php-fpm takes no empty value.');
    }

    #[TestWith(['/srv/with "quotes".sqlite'])]
    #[TestWith(["/srv/two\nlines.sqlite"])]
    #[TestWith(['/srv/{braces}.sqlite'])]
    public function testAPathThatNoConfigurationCanHoldIsNamed(string $database): void
    {
        $this->expectException(CannotServe::class);
        $this->expectExceptionMessage('Kontrast cannot be served from here');
        $this->write('8443', $database);
    }

    /** @param list<string> $options */
    #[TestWith([['--port=99999', '--names=127.0.0.1'], '“99999” is not a port.'])]
    #[TestWith([['--port=x', '--names=127.0.0.1'], '“x” is not a port.'])]
    #[TestWith([['--port=8443', '--names=bench;local'], '“bench;local” is neither a name nor an IPv4 address'])]
    #[TestWith([['--port=8443', '--names=127.0.0.1', '--certificate=/nowhere.crt', '--key=/nowhere.key'], '/nowhere.crt cannot be read.'])]
    #[TestWith([['--port=8443', '--names=127.0.0.1', '--tls=/proc/tls'], 'The folder /proc/tls cannot be made.'])]
    public function testWhatIsWrongIsToldInASentenceAndNothingIsPrinted(array $options, string $says): void
    {
        $folders = ["--config=$this->folder/etc", "--run=$this->folder/run", "--logs=$this->folder/logs", '--workers=1'];
        $command = ['php', 'bin/console', 'kontrast:serving', ...$folders, "--tls=$this->folder/tls", ...$options];
        $serving = new Process($command, self::ROOT, ['APP_ENV' => 'prod', 'KONTRAST_DB' => "$this->folder/k.sqlite"]);
        $serving->run();
        self::assertSame(1, $serving->getExitCode(), $serving->getErrorOutput());
        self::assertStringContainsString($says, $serving->getErrorOutput());
        self::assertSame('', $serving->getOutput());
        self::assertFileDoesNotExist("$this->folder/etc/nginx.conf");
    }

    #[TestWith(["short\n", 2, 'pass_phrase: A pass phrase has from 12 to 128 characters. This one has 5.'])]
    #[TestWith(["\n", 2, 'This one has 0.'])]
    #[TestWith(["four odd words together\n", 0, 'The pass phrase is set.'])]
    public function testThePhraseIsSetAtTheMachineItself(string $typed, int $status, string $says): void
    {
        $environment = ['APP_ENV' => 'prod', 'KONTRAST_DB' => "$this->folder/k.sqlite"];
        (new Process(['php', 'bin/console', 'doctrine:migrations:migrate', '-n', '-q'], self::ROOT, $environment))->mustRun();
        $set = new Process(['php', 'bin/console', 'kontrast:passphrase'], self::ROOT, $environment, $typed);
        $set->run();
        self::assertSame($status, $set->getExitCode());
        self::assertStringContainsString($says, $set->getErrorOutput());
        self::assertStringNotContainsString('four odd words', $set->getErrorOutput().$set->getOutput());
    }

    private function recipe(string $database = '/srv/kontrast.sqlite'): Recipe
    {
        return new Recipe(
            (string) realpath(self::ROOT),
            $database,
            '/srv/RELEASE',
            '/srv/cache/prod',
            8422,
            'http://127.0.0.1:8423',
            '192.168.1.30:8424',
        );
    }

    private function write(string $port, string $database = '/srv/kontrast.sqlite'): void
    {
        $names = Names::of('192.168.1.20');
        $certificate = (new CertificateAuthority("$this->folder/tls"))->certificate($names);
        $this->recipe($database)->write(
            "$this->folder/etc",
            "$this->folder/run",
            "$this->folder/logs",
            '127.0.0.1',
            (int) $port,
            2,
            $names,
            $certificate,
        );
    }
}
