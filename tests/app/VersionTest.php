<?php

declare(strict_types=1);

namespace Tests\app;

use App\Contract\Release\ReleaseDocument;
use App\Persistence\ReleaseFile;
use PHPUnit\Framework\Attributes\TestWith;

/** Which program this is: said in one file, told everywhere. */
final class VersionTest extends ApiTestCase
{
    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = (string) tempnam(sys_get_temp_dir(), 'release');
    }

    protected function tearDown(): void
    {
        unlink($this->file);
        parent::tearDown();
    }

    public function testWhatNobodyReleasedSaysSoEverywhereAlike(): void
    {
        $told = $this->send('GET', '/api/version');
        self::assertIsArray($told);
        self::assertSame(ReleaseDocument::UNRELEASED, $told['version']);
        $backup = $this->send('GET', '/api/backup');
        self::assertIsArray($backup);
        self::assertSame($told['version'], $backup['program']);
        $this->browser->request('GET', '/');
        $page = $this->said();
        self::assertStringContainsString('"release":{"version":"'.ReleaseDocument::UNRELEASED.'"', $page);
    }

    public function testTheFileOfAReleaseIsRead(): void
    {
        file_put_contents($this->file, '{"version":"1.4.0","commit":"abc","date":"2026-11-30","news":["One.",2,"Three."]}');
        $release = (new ReleaseFile($this->file))->read();
        self::assertSame(['1.4.0', 'abc', '2026-11-30', ['One.', 'Three.']], array_values(get_object_vars($release)));
    }

    #[TestWith([''])]
    #[TestWith(['[]'])]
    #[TestWith(['{"version":7}'])]
    #[TestWith(['no json'])]
    public function testAFileThatSaysNothingIsNoRelease(string $contents): void
    {
        file_put_contents($this->file, $contents);
        self::assertSame(ReleaseDocument::UNRELEASED, (new ReleaseFile($this->file))->read()->version);
    }
}
