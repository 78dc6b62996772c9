<?php

declare(strict_types=1);

namespace Tests\faults;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\app\PlainHttp;

/** Served to the network for real: nginx and php-fpm as deploy/ sets them up, on free ports of this machine's own address. */
final class NetworkTest extends TestCase
{
    private static ServedNetwork $network;

    public static function setUpBeforeClass(): void
    {
        self::$network = new ServedNetwork();
        self::$network->start();
    }

    public static function tearDownAfterClass(): void
    {
        self::$network->stop();
    }

    public function testThePhraseIsAskedForOnceAndTheAddressIsToldWithACode(): void
    {
        $says = self::$network->says();
        self::assertStringContainsString('The pass phrase is set.', $says);
        self::assertStringContainsString(self::$network->url('/'), $says);
        // A QR code of version 3 or less is at most 29 modules and two rows of them a line (ISO/IEC 18004).
        self::assertMatchesRegularExpression('/█▀▀▀▀▀█ .* █▀▀▀▀▀█/u', $says);
        self::assertStringNotContainsString(ServedNetwork::PHRASE, $says);
    }

    #[TestWith(['/', 303])]
    #[TestWith(['/api/settings', 401])]
    #[TestWith(['/api/backup', 401])]
    #[TestWith(['/build/.vite/manifest.json', 401])]
    #[TestWith(['/../var/kontrast.sqlite', 400])]
    #[TestWith(['/index.php', 303])]
    #[TestWith(['/.env', 404])]
    #[TestWith(['/sign-in', 200])]
    public function testAStrangerGetsTheSignInAndNothingElse(string $path, int $status): void
    {
        self::assertSame($status, self::$network->ask('GET', $path)[0]);
    }

    public function testWhoSignsInIsServedAsAtTheMachineItself(): void
    {
        $cookie = self::$network->signIn();
        [$status, $body] = self::$network->ask('GET', '/api/settings', cookie: $cookie);
        self::assertSame(200, $status);
        self::assertStringContainsString('"units":"us"', $body);
        [$status, , $headers] = self::$network->ask('PUT', '/api/settings', json_decode($body, true), $cookie);
        self::assertSame(204, $status);
        self::assertStringContainsString("default-src 'none'", $headers['content-security-policy']);
        self::assertArrayNotHasKey('strict-transport-security', $headers);
        self::assertArrayNotHasKey('x-powered-by', $headers);
        self::assertSame('nginx', $headers['server'], 'No version is told.');
    }

    public function testWorkThatTakesLongTellsItsProgressOverTheNetworkToo(): void
    {
        $table = "kind,name,colour\n".implode('', array_map(static fn (int $i): string => "skirt,Line $i,black\n", range(1, 5000)));
        $answer = self::$network->open('POST', '/api/parts/import', ['contents' => $table], self::$network->signIn());
        self::assertStringStartsWith('{"done":', (string) fgets($answer));
        // What had come with the first line; nginx would have kept it all together until the end.
        $came = stream_get_meta_data($answer)['unread_bytes'];
        $rest = (string) stream_get_contents($answer);
        self::assertStringContainsString('"added":5000', $rest);
        self::assertLessThan(\strlen($rest), $came);
    }

    public function testDevicesAreAskedWhereTheSettingsSay(): void
    {
        $probe = stream_socket_server('tcp://127.0.0.1:'.self::$network->probe);
        self::assertNotFalse($probe);
        [$status] = self::$network->ask('POST', '/api/probe', cookie: self::$network->signIn());
        self::assertSame(503, $status, 'This one takes the call and says nothing.');
        self::assertNotFalse(@stream_socket_accept($probe, 0));
    }

    public function testAPageIsKeptByNobodyOnTheWay(): void
    {
        $cookie = self::$network->signIn();
        [$status, $body, $headers] = self::$network->ask('GET', '/', cookie: $cookie);
        self::assertSame(200, $status);
        self::assertStringContainsString('<div id="app">', $body);
        self::assertSame('no-store', explode(',', $headers['cache-control'])[0]);
    }

    public function testAForeignNameIsTurnedAwayBeforeTheProgram(): void
    {
        [$status, , $headers] = self::$network->ask('GET', '/sign-in', host: 'evil.example');
        self::assertSame(421, $status);
        self::assertArrayNotHasKey('content-security-policy', $headers);
    }

    public function testNothingIsSaidInTheClear(): void
    {
        [$status, $answer] = PlainHttp::ask('GET', 'http://127.0.0.1:'.self::$network->port.'/sign-in', null, []);
        self::assertSame(400, $status);
        self::assertStringNotContainsString('Pass phrase', $answer);
    }

    #[TestWith(['-tls1', false])]
    #[TestWith(['-tls1_1', false])]
    #[TestWith(['-tls1_2', true])]
    #[TestWith(['-tls1_3', true])]
    public function testOnlyVersionsOfTlsThatHoldAreSpoken(string $version, bool $isSpoken): void
    {
        $client = Process::fromShellCommandline(
            'echo | openssl s_client -connect "$AT" '.$version.' -cipher DEFAULT@SECLEVEL=0 -CAfile "$CA" -verify_return_error 2>&1',
            null,
            ['AT' => '127.0.0.1:'.self::$network->port, 'CA' => self::$network->tls('authority.crt')],
        );
        $client->run();
        $says = $client->getOutput();
        self::assertSame($isSpoken, !str_contains($says, 'Cipher is (NONE)') && str_contains($says, 'Verify return code: 0 (ok)'), $says);
    }

    #[TestWith(['AES128-SHA'])]
    #[TestWith(['ECDHE-ECDSA-AES128-SHA'])]
    public function testWeakCiphersAreNotSpoken(string $cipher): void
    {
        $client = Process::fromShellCommandline(
            'echo | openssl s_client -connect "$AT" -tls1_2 -cipher '.$cipher.'@SECLEVEL=0 2>&1',
            null,
            ['AT' => '127.0.0.1:'.self::$network->port],
        );
        $client->run();
        self::assertStringNotContainsString("Cipher is $cipher", $client->getOutput());
    }

    #[DataProvider('secrets')]
    public function testSecretsAreReadableByTheOwnerAlone(string $file): void
    {
        self::assertFileExists(self::$network->folder.'/'.$file);
        self::assertSame('0', decoct(fileperms(self::$network->folder.'/'.$file) & 0o077), $file);
    }

    /** @return iterable<string, array{string}> */
    public static function secrets(): iterable
    {
        foreach (['k.sqlite', 'serving/tls', 'serving/tls/authority.key', 'serving/tls/served.key', 'serving/run/fpm.sock'] as $file) {
            yield $file => [$file];
        }
    }

    public function testTheMachinesOwnAddressAsksForNoPhraseAndListsWhoIsIn(): void
    {
        self::$network->signIn();
        $access = json_decode((string) file_get_contents("http://127.0.0.1:{$this->local()}/api/access"), true);
        self::assertIsArray($access);
        self::assertFalse($access['is_remote']);
        self::assertContains(self::$network->url('/'), (array) $access['addresses']);
        self::assertNotSame([], $access['sessions']);
        $fingerprint = openssl_x509_fingerprint((string) file_get_contents(self::$network->tls('authority.crt')), 'sha256');
        self::assertSame($fingerprint, strtolower(str_replace(' ', '', \is_string($access['fingerprint']) ? $access['fingerprint'] : '')));
    }

    public function testOnlyThisMachineIsListenedToWhereItSaysSo(): void
    {
        exec('ss -Hltn', $lines);
        $ports = [self::$network->port, $this->local()];
        $own = array_filter($lines, static fn (string $line): bool => 1 === preg_match('/:('.implode('|', $ports).')\s/', $line));
        self::assertCount(2, $own);
        foreach ($own as $line) {
            self::assertStringContainsString('127.0.0.1:', $line);
        }
    }

    public function testACertificateOfOnesOwnIsServed(): void
    {
        $own = new ServedNetwork();
        $make = 'openssl req -x509 -newkey rsa:2048 -nodes -days 30 -subj /CN=own -addext subjectAltName=IP:127.0.0.1'
            .' -keyout my.key -out my.crt';
        Process::fromShellCommandline($make, $own->folder)->mustRun();
        $own->start(['--own-cert', "$own->folder/my.crt", "$own->folder/my.key"]);
        try {
            self::assertSame(200, $own->ask('GET', '/sign-in', authority: "$own->folder/my.crt")[0]);
            self::assertSame(404, $own->ask('GET', '/sign-in/authority.crt', authority: "$own->folder/my.crt")[0]);
            self::assertFileDoesNotExist($own->tls('authority.key'));
        } finally {
            $own->stop();
        }
    }

    #[TestWith([\SIGTERM])]
    #[TestWith([\SIGKILL])]
    public function testItEndsAsOne(int $signal): void
    {
        $other = new ServedNetwork();
        $other->start();
        self::assertSame(200, $other->ask('GET', '/sign-in')[0]);
        $other->end($signal);
        $until = microtime(true) + 20;
        do {
            usleep(100_000);
            exec('ss -Hltn', $lines);
            $left = preg_grep("/:({$other->port}|{$other->local}) /", $lines);
            $lines = [];
        } while ([] !== $left && microtime(true) < $until);
        self::assertSame([], $left);
        exec('pgrep -f '.escapeshellarg($other->folder.'/[s]erving/fpm.conf'), $processes);
        self::assertSame([], $processes);
        $other->stop();
    }

    private function local(): int
    {
        return self::$network->local;
    }
}
