<?php

declare(strict_types=1);

namespace Tests\app;

use App\Serving\CannotServe;
use App\Serving\Certificate;
use App\Serving\CertificateAuthority;
use App\Serving\Names;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** The authority of one's own and what it signs, checked by OpenSSL's own verifier (RFC 5280). */
final class CertificateTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/kontrast-tls-'.bin2hex(random_bytes(5));
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove($this->folder);
    }

    #[TestWith(['-verify_ip', '192.168.1.20', true])]
    #[TestWith(['-verify_hostname', 'bench.local', true])]
    #[TestWith(['-verify_ip', '192.168.1.21', false])]
    #[TestWith(['-verify_hostname', 'bank.example', false])]
    public function testItIsForTheseNamesAndNoOthers(string $what, string $name, bool $isFor): void
    {
        $certificate = $this->authority()->certificate(Names::of('192.168.1.20 bench.local'));
        self::assertSame($isFor, $this->verifies($certificate->file, $what, $name));
    }

    /** Whoever stole the authority's key could not pass for a bank. */
    #[TestWith(['bank.example'])]
    #[TestWith(['93.184.216.34'])]
    public function testTheAuthorityMaySpeakForThisHomeAlone(string $name): void
    {
        $authority = $this->authority();
        $authority->certificate(Names::of('192.168.1.20 bench.local'));
        // Signed with the stolen key, beside the program.
        $kind = Names::isAddress($name) ? 'IP' : 'DNS';
        $this->openssl('openssl req -newkey rsa:2048 -nodes -subj /CN=x -keyout x.key -out x.csr'
            ." && printf 'subjectAltName=$kind:$name' > x.ext"
            .' && openssl x509 -req -in x.csr -CA authority.crt -CAkey authority.key -CAcreateserial -days 30 -extfile x.ext -out x.crt');
        self::assertFalse($this->verifies("$this->folder/x.crt", 'IP' === $kind ? '-verify_ip' : '-verify_hostname', $name));
    }

    public function testItIsKeptUntilTheNamesChangeOrItRunsOut(): void
    {
        $names = Names::of('192.168.1.20 bench.local');
        $first = (string) file_get_contents($this->authority()->certificate($names)->file);
        $authority = (string) file_get_contents("$this->folder/authority.crt");
        self::assertSame($first, (string) file_get_contents($this->authority()->certificate($names)->file));
        $moved = (string) file_get_contents($this->authority()->certificate(Names::of('192.168.1.77 bench.local'))->file);
        self::assertNotSame($first, $moved);
        self::assertSame($authority, file_get_contents("$this->folder/authority.crt"), 'The phone need not trust another one.');
        $renewed = (string) file_get_contents($this->authority()->certificate(Names::of('192.168.1.77 bench.local'), true)->file);
        self::assertNotSame($moved, $renewed);
        self::assertSame($authority, file_get_contents("$this->folder/authority.crt"));
        $this->authority()->certificate(Names::of('192.168.1.77 other.local'));
        self::assertNotSame($authority, file_get_contents("$this->folder/authority.crt"), 'It may not speak for that name.');
    }

    public function testItLastsNoLongerThanBrowsersTake(): void
    {
        $certificate = $this->authority()->certificate(Names::of('192.168.1.20'));
        $days = (Certificate::expires((string) file_get_contents($certificate->file)) - time()) / 86_400;
        self::assertGreaterThan(60, $days);
        self::assertLessThan(398, $days);
    }

    public function testKeysAreTheOwnersAlone(): void
    {
        umask(0);
        $this->authority()->certificate(Names::of('192.168.1.20'));
        foreach (['.', 'authority.key', 'served.key'] as $file) {
            self::assertSame(0, fileperms("$this->folder/$file") & 0o077, $file);
        }
        umask(0o022);
    }

    public function testOnesOwnIsTakenWithItsKeyOnly(): void
    {
        $made = $this->authority()->certificate(Names::of('192.168.1.20'));
        $own = Certificate::own($made->file, $made->keyFile);
        self::assertNull($own->authority);
        $this->expectExceptionMessage('is not the key of the certificate');
        Certificate::own($made->file, "$this->folder/authority.key");
    }

    #[TestWith([''])]
    #[TestWith(['bench local!'])]
    #[TestWith(['a"b'])]
    #[TestWith(['-x'])]
    public function testWhatIsNoNameIsNotServed(string $names): void
    {
        $this->expectException(CannotServe::class);
        Names::of($names);
    }

    private function authority(): CertificateAuthority
    {
        return new CertificateAuthority($this->folder);
    }

    private function verifies(string $file, string ...$name): bool
    {
        $verify = new Process(['openssl', 'verify', '-CAfile', "$this->folder/authority.crt", '-purpose', 'sslserver', ...$name, $file]);
        $verify->run();

        return $verify->isSuccessful();
    }

    private function openssl(string $command): void
    {
        Process::fromShellCommandline($command, $this->folder)->mustRun();
    }
}
